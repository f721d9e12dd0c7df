package ironshelf.recipe.calc;

import ironshelf.core.recipe.Shade;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A first guess of a shade, stateless. */
@RestController
class ShadeCalcController {

  /** What is in the paste: the binder with 100, pigments with their doses. */
  record ShadeRequest(List<Shade.Tinted> paste) {}

  @PostMapping("/api/calc/shade")
  Shade shade(@RequestBody ShadeRequest request) {
    return Shade.of(request.paste());
  }
}
