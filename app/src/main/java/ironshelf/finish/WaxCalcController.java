package ironshelf.finish;

import ironshelf.core.finish.WaxFill;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Scented wax, stateless. */
@RestController
class WaxCalcController {

  /**
   * @param each one vessel's
   * @param all what is melted for as many as there are
   */
  record WaxAnswer(WaxFill each, WaxFill.Melt all) {}

  @PostMapping("/api/calc/wax-fill")
  WaxAnswer waxFill(
      @RequestBody WaxFill.WaxRequest request, @RequestParam(defaultValue = "1") int pieces) {
    WaxFill each = WaxFill.of(request);
    return new WaxAnswer(each, each.melt(pieces));
  }
}
