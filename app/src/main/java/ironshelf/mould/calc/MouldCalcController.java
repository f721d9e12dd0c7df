package ironshelf.mould.calc;

import static java.util.Objects.requireNonNull;

import ironshelf.core.mould.CommonWeight;
import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.MouldSum;
import ironshelf.core.mould.Plan;
import ironshelf.core.mould.Section;
import ironshelf.core.mould.WallKind;
import ironshelf.core.mould.solid.Box;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.http.Catalogue;
import ironshelf.http.FindingView;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The mould sum. */
@RestController
class MouldCalcController {

  /** {@link MouldResult}, its walls and faces side by side with the rest, and what to draw. */
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
      double dryMassKg,
      double holdDownKg,
      double holdDownWithMarginKg,
      @Nullable CommonWeight holdDownBy,
      @Nullable Double castSurfaceM2,
      @Nullable Double outsideM2,
      @Nullable Double insideM2,
      @Nullable Double fillPerMmKg,
      List<MouldResult.PartResult> parts,
      Section section,
      Plan plan,
      List<FindingView> warnings) {}

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
    return response(requireNonNull(shape), requireNonNull(result), request.retentionOrStart());
  }

  private MouldCalcResponse response(MouldShape shape, MouldResult result, double retention) {
    MouldResult.Walls walls = result.walls();
    MouldResult.Surface surface = result.surface();
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
        result.freshMassKg() * retention,
        result.holdDownKg(),
        result.holdDownWithMarginKg(),
        result.holdDownKg() > 0 ? CommonWeight.of(result.holdDownWithMarginKg()) : null,
        surface == null ? null : surface.allM2(),
        surface == null ? null : surface.outsideM2(),
        surface == null ? null : surface.insideM2(),
        result.fillPerMmKg(),
        result.parts(),
        Section.of(shape),
        Plan.of(shape),
        catalogue.views(result.warnings()));
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
      double freshDensityKgM3,
      @WhenMissing("0.967") double retention,
      @WhenMissing("0") double minWallMm,
      @Nullable WallKind wallKind) {

    /** What is left of the fresh mass in a dry piece where nothing is known (common practice). */
    private static final double STARTING_RETENTION = 0.967;

    ShapeFields mould() {
      return new ShapeFields(
          cavity, core, coreLiftMm, coreOffsetMm, inserts, cavities, moreCores, parts);
    }

    MouldResult result(MouldShape shape) {
      return MouldSum.of(
          shape,
          freshDensityKgM3,
          ShapeFields.orZero(coreMassKg),
          ShapeFields.orZero(minWallMm),
          wallKind);
    }

    double retentionOrStart() {
      return Double.isNaN(retention) ? STARTING_RETENTION : retention;
    }
  }
}
