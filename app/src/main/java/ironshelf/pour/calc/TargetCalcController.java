package ironshelf.pour.calc;

import ironshelf.core.pour.DensityFit;
import ironshelf.core.pour.MouldFit;
import ironshelf.core.pour.Pairing;
import ironshelf.core.pour.TargetReading;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.core.recipe.Recipe;
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

  /** A mix that is to be denser or lighter. */
  record DensityFitRequest(double mixKgM3, double wantedKgM3, double grainRelativeDensity) {}

  /** So much wet mix, and the mould that is to take it. */
  record MouldFitRequest(
      double freshKg,
      double capacityL,
      double mixKgM3,
      @Nullable Double fillPerMmKg,
      @Nullable Double leastMm) {}

  /**
   * A whole sphere's mass or its diameter.
   *
   * @param diameterMm looked at where no mass is given
   */
  record SphereRequest(
      @Nullable Double massKg,
      @Nullable Double diameterMm,
      @WhenMissing("2400") double densityKgM3) {}

  /** Both of it. */
  record SphereResponse(double massKg, double diameterMm, double densityKgM3) {}

  /** A hand weight of two heads on a handle. */
  record HandWeightRequest(
      double targetKg,
      @WhenMissing("0") double hardwareKg,
      double gripMm,
      double headThicknessMm,
      @WhenMissing("0") double bossMm) {}

  /** What one head weighs dry, how wide it is, and how long its handle is cut. */
  record HandWeightResponse(double headKg, double headAcrossMm, double handleMm) {}

  /** Weighed pieces to be paired. */
  record PairingRequest(List<Pairing.WeighedPiece> pool, double toleranceKg) {}

  @PostMapping("/api/calc/target-reading")
  TargetReading targetReading(@RequestBody TargetReadingRequest request) {
    return TargetReading.of(
        request.targetKg(),
        or(request.mouldKg(), 0),
        or(request.hardwareKg(), 0),
        or(request.retention(), Recipe.STARTING_RETENTION),
        request.pours() == null ? 1 : request.pours());
  }

  @PostMapping("/api/calc/density-fit")
  DensityFit densityFit(@RequestBody DensityFitRequest request) {
    return DensityFit.of(request.mixKgM3(), request.wantedKgM3(), request.grainRelativeDensity());
  }

  @PostMapping("/api/calc/mould-fit")
  MouldFit mouldFit(@RequestBody MouldFitRequest request) {
    return MouldFit.of(
        request.freshKg(),
        request.capacityL(),
        request.mixKgM3(),
        request.fillPerMmKg(),
        request.leastMm());
  }

  @PostMapping("/api/calc/sphere")
  SphereResponse sphere(@RequestBody SphereRequest request) {
    double density = or(request.densityKgM3(), TargetReading.SPHERE_KG_M3);
    Double massKg = request.massKg();
    Double across = request.diameterMm();
    return massKg == null && across != null
        ? new SphereResponse(TargetReading.sphereMassKg(across, density), across, density)
        : new SphereResponse(
            or(massKg, 0), TargetReading.sphereDiameterMm(or(massKg, 0), density), density);
  }

  @PostMapping("/api/calc/hand-weight")
  HandWeightResponse handWeight(@RequestBody HandWeightRequest request) {
    double headKg = TargetReading.headKg(request.targetKg(), or(request.hardwareKg(), 0));
    return new HandWeightResponse(
        headKg,
        TargetReading.headAcrossMm(headKg, request.headThicknessMm()),
        TargetReading.handleMm(
            request.gripMm(), request.headThicknessMm(), or(request.bossMm(), 0)));
  }

  @PostMapping("/api/calc/pairs")
  Pairing pairs(@RequestBody PairingRequest request) {
    return Pairing.of(request.pool(), request.toleranceKg());
  }

  private static double or(@Nullable Double value, double instead) {
    return value == null ? instead : value;
  }

  private static double or(double value, double instead) {
    return Double.isNaN(value) ? instead : value;
  }
}
