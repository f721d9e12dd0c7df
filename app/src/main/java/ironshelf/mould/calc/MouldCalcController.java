package ironshelf.mould.calc;

import static java.util.Objects.requireNonNull;

import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.MouldSum;
import ironshelf.core.mould.WallKind;
import ironshelf.core.mould.solid.Box;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.core.recipe.Recipe;
import ironshelf.http.problem.Catalogue;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The mould sum. */
@RestController
class MouldCalcController {

  private final Catalogue catalogue;

  MouldCalcController(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  @PostMapping("/api/calc/mould")
  MouldCalcResponse mould(@RequestBody MouldCalcRequest request) {
    Findings findings = new Findings();
    MouldShape shape = findings.attempt(() -> request.mould().shape());
    // A stand-in box lets the other values be judged even where the shape is refused.
    MouldShape judged = shape == null ? MouldShape.of(new Box(1, 1, 1), null, 0) : shape;
    MouldResult result = findings.attempt(() -> request.result(judged));
    findings.within("retention", request.retentionOrStart(), 0.5, 1);
    findings.orRefuse();
    return MouldCalcResponse.of(
        requireNonNull(shape),
        requireNonNull(result),
        request.densityOrOrdinary(),
        request.retentionOrStart(),
        catalogue);
  }

  /** A mould and what it is to be filled with. */
  record MouldCalcRequest(
      ironshelf.core.mould.solid.@Nullable Solid cavity,
      ironshelf.core.mould.solid.@Nullable Drawn core,
      @WhenMissing("0") double coreLiftMm,
      @WhenMissing("0") double coreOffsetMm,
      @WhenMissing("0") double coreMassKg,
      @Nullable List<ironshelf.core.mould.solid.Solid> inserts,
      @Nullable Integer cavities,
      @Nullable List<ironshelf.core.mould.PlacedCore> moreCores,
      @Nullable List<ironshelf.core.mould.PourPart> parts,
      @Nullable Double coreL,
      @WhenMissing("2200") double freshDensityKgM3,
      @WhenMissing("0.967") double retention,
      @WhenMissing("0") double minWallMm,
      @Nullable WallKind wallKind) {

    ShapeFields mould() {
      return new ShapeFields(
          cavity, core, coreLiftMm, coreOffsetMm, inserts, cavities, moreCores, parts, coreL);
    }

    MouldResult result(MouldShape shape) {
      return MouldSum.of(
          shape,
          densityOrOrdinary(),
          ShapeFields.orZero(coreMassKg),
          ShapeFields.orZero(minWallMm),
          wallKind);
    }

    double densityOrOrdinary() {
      return Double.isNaN(freshDensityKgM3) ? MouldSum.ORDINARY_KG_M3 : freshDensityKgM3;
    }

    double retentionOrStart() {
      return Double.isNaN(retention) ? Recipe.STARTING_RETENTION : retention;
    }
  }
}
