package ironshelf.pour.calc;

import ironshelf.core.piece.WeightControl;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Whether what pieces weigh keeps within what it varies by chance. */
@RestController
class WeightCalcController {

  /**
   * What pieces weighed, in the order in which they were made.
   *
   * @param targetKg null where there is no target
   * @param toleranceKg how far from it they may be; null where that does not matter
   */
  record WeightControlRequest(
      List<Double> massesKg, @Nullable Double targetKg, @Nullable Double toleranceKg) {}

  @PostMapping("/api/calc/weight-control")
  WeightControl weightControl(@RequestBody WeightControlRequest request) {
    return WeightControl.of(request.massesKg(), request.targetKg(), request.toleranceKg());
  }
}
