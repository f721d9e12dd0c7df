package ironshelf.mould.calc;

import static java.util.Objects.requireNonNull;

import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.PlacedCore;
import ironshelf.core.mould.Tipping;
import ironshelf.core.mould.solid.Box;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.Solid;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.FindingView;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** How far a piece may be tilted before it falls. */
@RestController
class TippingCalcController {

  /**
   * A piece, as its mould makes it, and what is mounted on it.
   *
   * @param densityKgM3 of the dry piece
   * @param fittingHeightMm of the fitting's own centre of mass over the base
   * @param upsideDown whether it stands on what was its rim in the mould
   */
  record TippingCalcRequest(
      @Nullable Solid cavity,
      @Nullable Drawn core,
      @WhenMissing("0") double coreLiftMm,
      @Nullable List<Solid> inserts,
      @Nullable List<PlacedCore> moreCores,
      @WhenMissing("2100") double densityKgM3,
      @WhenMissing("0") double fittingMassKg,
      @WhenMissing("0") double fittingHeightMm,
      @Nullable Boolean upsideDown) {

    MouldShape shape() {
      return new ShapeFields(cavity, core, coreLiftMm, 0, inserts, 1, moreCores, null, null)
          .shape();
    }

    double density() {
      return Double.isNaN(densityKgM3) ? Tipping.DRY_KG_M3 : densityKgM3;
    }
  }

  /** {@link Tipping.Result} with the warnings in words. */
  record TippingCalcResponse(
      double massKg,
      double centreOfMassMm,
      double baseReachMm,
      @Nullable Double tipAngleDeg,
      double densityKgM3,
      List<FindingView> warnings) {}

  private final Catalogue catalogue;

  TippingCalcController(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  @PostMapping("/api/calc/tipping")
  TippingCalcResponse tipping(@RequestBody TippingCalcRequest request) {
    Findings findings = new Findings();
    MouldShape shape = findings.attempt(request::shape);
    MouldShape judged = shape == null ? MouldShape.of(new Box(1, 1, 1), null, 0) : shape;
    Tipping.Result result =
        findings.attempt(
            () ->
                Tipping.of(
                    judged,
                    request.density(),
                    ShapeFields.orZero(request.fittingMassKg()),
                    ShapeFields.orZero(request.fittingHeightMm()),
                    Boolean.TRUE.equals(request.upsideDown())));
    findings.orRefuse();
    requireNonNull(result);
    return new TippingCalcResponse(
        result.massKg(),
        result.centreOfMassMm(),
        result.baseReachMm(),
        result.tipAngleDeg(),
        request.density(),
        catalogue.views(result.warnings()));
  }
}
