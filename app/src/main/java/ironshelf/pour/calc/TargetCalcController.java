package ironshelf.pour.calc;

import ironshelf.core.pour.Pairing;
import ironshelf.core.pour.TargetReading;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What the scale should say, and which pieces match. */
@RestController
class TargetCalcController {

  /** A piece sold by its dry mass. */
  record TargetReadingRequest(
      double targetKg,
      @WhenMissing("0") double mouldKg,
      @WhenMissing("0") double hardwareKg,
      @WhenMissing("0.967") double retention,
      @Nullable Integer pours) {}

  /** Weighed pieces to be paired. */
  record PairingRequest(List<Pairing.WeighedPiece> pool, double toleranceKg) {}

  @PostMapping("/api/calc/target-reading")
  TargetReading targetReading(@RequestBody TargetReadingRequest request) {
    return TargetReading.of(
        request.targetKg(),
        or(request.mouldKg(), 0),
        or(request.hardwareKg(), 0),
        or(request.retention(), TargetReading.STARTING_RETENTION),
        request.pours() == null ? 1 : request.pours());
  }

  @PostMapping("/api/calc/pairs")
  Pairing pairs(@RequestBody PairingRequest request) {
    return Pairing.of(request.pool(), request.toleranceKg());
  }

  private static double or(double value, double instead) {
    return Double.isNaN(value) ? instead : value;
  }
}
