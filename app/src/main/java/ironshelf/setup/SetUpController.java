package ironshelf.setup;

import ironshelf.core.mould.starting.StartingShapes;
import ironshelf.http.ActKey;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Shapes to start from, and a product made of one. */
@RestController
class SetUpController {

  private static final List<ShapeView> SHAPES =
      StartingShapes.shipped().stream().map(ShapeView::of).toList();

  private final PreviewService previews;
  private final FirstProductService products;

  SetUpController(PreviewService previews, FirstProductService products) {
    this.previews = previews;
    this.products = products;
  }

  @GetMapping("/api/starting-shapes")
  List<ShapeView> shapes() {
    return SHAPES;
  }

  /** What the answers so far come to; nothing is kept. */
  @PostMapping("/api/set-up/preview")
  Preview preview(@RequestBody FirstProduct wanted) {
    return previews.preview(wanted);
  }

  /** Keeps the product with all that it takes: materials, recipe, colours, mould, copies, route. */
  @PostMapping("/api/set-up/product")
  @ResponseStatus(HttpStatus.CREATED)
  MadeProduct make(@ActKey String key, @RequestBody FirstProduct wanted) {
    return products.makeOnce(key, wanted);
  }
}
