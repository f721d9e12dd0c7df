package ironshelf.folder;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The way between an own shop and the demo. */
@RestController
class OtherShopController {

  private final ShopSwitch shops;

  OtherShopController(ShopSwitch shops) {
    this.shops = shops;
  }

  /** Opens the other shop: from the demo the own one, from that the demo. Takes some seconds. */
  @PostMapping("/api/other-shop")
  @ResponseStatus(HttpStatus.ACCEPTED)
  void open() {
    shops.toOther();
  }
}
