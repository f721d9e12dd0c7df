package ironshelf.mould;

import static java.util.Objects.requireNonNull;

import ironshelf.core.mould.Box;
import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.MouldSum;
import ironshelf.core.mould.Section;
import ironshelf.core.mould.Solid;
import ironshelf.core.mould.WallKind;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.http.Catalogue;
import ironshelf.http.FindingView;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The mould sum, stateless. */
@RestController
class MouldCalcController {

  /** A mould and what it is to be filled with. */
  record MouldCalcRequest(
      @Nullable Solid cavity,
      @Nullable Solid core,
      @WhenMissing("0") double coreLiftMm,
      @WhenMissing("0") double coreOffsetMm,
      @WhenMissing("0") double coreMassKg,
      @Nullable List<Solid> inserts,
      @Nullable Integer cavities,
      double freshDensityKgM3,
      @WhenMissing("0") double minWallMm,
      @Nullable WallKind wallKind) {

    MouldShape shape() {
      return new MouldShape(
          cavity,
          core,
          orZero(coreLiftMm),
          orZero(coreOffsetMm),
          inserts,
          cavities == null ? 1 : cavities);
    }

    MouldResult result(MouldShape shape) {
      return MouldSum.of(shape, freshDensityKgM3, orZero(coreMassKg), orZero(minWallMm), wallKind);
    }

    private static double orZero(double value) {
      return Double.isNaN(value) ? 0 : value;
    }
  }

  /** {@link MouldResult}, its walls side by side with the rest, and the section to draw. */
  record MouldCalcResponse(
      double capacityL,
      double cavityL,
      double coreDisplacedL,
      double insertsL,
      @Nullable Double nominalWallMm,
      @Nullable Double thinnestWallMm,
      @Nullable Double thinnestAtMm,
      boolean wallOk,
      @Nullable Double allowedOffsetMm,
      @Nullable Double baseMm,
      @Nullable Double largestGrainMm,
      double freshMassKg,
      double holdDownKg,
      double holdDownWithMarginKg,
      double castSurfaceM2,
      double fillPerMmKg,
      Section section,
      List<FindingView> warnings) {}

  private final Catalogue catalogue;

  MouldCalcController(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  @PostMapping("/api/calc/mould")
  MouldCalcResponse mould(@RequestBody MouldCalcRequest request) {
    Findings findings = new Findings();
    MouldShape shape = findings.attempt(request::shape);
    // A stand-in box lets the other values be judged even where the shape is refused.
    MouldShape judged = shape == null ? MouldShape.of(new Box(1, 1, 1), null, 0) : shape;
    MouldResult result = findings.attempt(() -> request.result(judged));
    findings.orRefuse();
    return response(requireNonNull(shape), requireNonNull(result));
  }

  private MouldCalcResponse response(MouldShape shape, MouldResult result) {
    MouldResult.Walls walls = result.walls();
    return new MouldCalcResponse(
        result.capacityL(),
        result.cavityL(),
        result.coreDisplacedL(),
        result.insertsL(),
        walls == null ? null : walls.nominalMm(),
        walls == null ? null : walls.thinnestMm(),
        walls == null ? null : walls.thinnestAtMm(),
        walls == null || walls.ok(),
        walls == null ? null : walls.allowedMm(),
        walls == null ? null : walls.baseMm(),
        walls == null ? null : walls.largestGrainMm(),
        result.freshMassKg(),
        result.holdDownKg(),
        result.holdDownWithMarginKg(),
        result.castSurfaceM2(),
        result.fillPerMmKg(),
        Section.of(shape),
        catalogue.views(result.warnings()));
  }
}
