package ironshelf.pour.calc;

import ironshelf.core.pour.Leftover;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Where what is left of a mix goes. */
@RestController
class LeftoverCalcController {

  /** What is left, and the small moulds that could take it. */
  record LeftoverCalcRequest(double leftKg, List<Leftover.Filler> fillers) {}

  @PostMapping("/api/calc/leftover")
  Leftover leftover(@RequestBody LeftoverCalcRequest request) {
    return Leftover.of(request.leftKg(), request.fillers());
  }
}
