package ironshelf.finish;

import ironshelf.core.finish.Drainage;
import ironshelf.core.quantity.WhenMissing;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Drainage stones, stateless. */
@RestController
class FinishCalcController {

  /**
   * A planter.
   *
   * @param sharePercent of its inside that the stones take
   * @param pieces of them
   */
  record DrainageRequest(
      double containerL, @WhenMissing("20") double sharePercent, @Nullable Integer pieces) {
    DrainageRequest {
      sharePercent = Double.isNaN(sharePercent) ? 20 : sharePercent;
      pieces = Objects.requireNonNullElse(pieces, 1);
    }
  }

  @PostMapping("/api/calc/drainage")
  Drainage drainage(@RequestBody DrainageRequest request) {
    return Drainage.of(request.containerL(), request.sharePercent(), request.pieces());
  }
}
