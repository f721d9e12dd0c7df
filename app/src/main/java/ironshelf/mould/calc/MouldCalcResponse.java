package ironshelf.mould.calc;

import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.Plan;
import ironshelf.core.mould.Section;
import ironshelf.core.mould.starting.CommonWeight;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.FindingView;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** {@link MouldResult}, its walls and faces side by side with the rest, and what to draw. */
public record MouldCalcResponse(
    double capacityL,
    double cavityL,
    double coreDisplacedL,
    double vesselL,
    double insertsL,
    @Nullable Double nominalWallMm,
    @Nullable Double thinnestWallMm,
    @Nullable Double thinnestAtMm,
    boolean wallOk,
    @Nullable Double allowedOffsetMm,
    @Nullable Double baseMm,
    @Nullable Double largestGrainMm,
    double freshDensityKgM3,
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
    List<FindingView> warnings) {

  /**
   * A sum with what is drawn of its mould.
   *
   * @param freshDensityKgM3 of the mix that it is filled with
   * @param retention dry piece over fresh mix
   */
  public static MouldCalcResponse of(
      MouldShape shape,
      MouldResult result,
      double freshDensityKgM3,
      double retention,
      Catalogue catalogue) {
    MouldResult.Walls walls = result.walls();
    MouldResult.Surface surface = result.surface();
    return new MouldCalcResponse(
        result.capacityL(),
        result.cavityL(),
        result.coreDisplacedL(),
        shape.vesselL(),
        result.insertsL(),
        walls == null ? null : walls.nominalMm(),
        walls == null ? null : walls.thinnestMm(),
        walls == null ? null : walls.thinnestAtMm(),
        walls == null || walls.ok(),
        walls == null ? null : walls.allowedMm(),
        walls == null ? null : walls.baseMm(),
        walls == null ? null : walls.largestGrainMm(),
        freshDensityKgM3,
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
}
