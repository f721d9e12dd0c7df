package ironshelf.read;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Pages that are about several words at once. */
@RestController
class ReadController {

  private final ProductReader products;
  private final MissingReader missing;

  ReadController(ProductReader products, MissingReader missing) {
    this.products = products;
    this.missing = missing;
  }

  /** Every product with its picture, price, cost, and where its pieces stand. */
  @GetMapping("/api/product-cards")
  List<ProductCard> cards() {
    return products.cards();
  }

  @GetMapping("/api/products/{id}/sheet")
  ProductSheet sheet(@PathVariable long id) {
    return products.sheet(id);
  }

  /** What is missing anywhere in the shop, with the page that mends it. */
  @GetMapping("/api/missing")
  List<MissingView> missing() {
    return missing.all();
  }
}
