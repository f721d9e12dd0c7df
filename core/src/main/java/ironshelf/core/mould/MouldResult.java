package ironshelf.core.mould;

import ironshelf.core.quantity.Finding;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What {@link MouldSum} worked out. Capacity, mass, surface and fill are for the whole mould, the
 * volumes of cavity, core and inserts and the hold-down for one cavity.
 *
 * @param walls null where there is no core
 * @param holdDownKg what keeps one core from rising, without margin
 * @param castSurfaceM2 every face of the casting, rim and floor included; inserts not counted
 * @param fillPerMmKg what the last millimetre under the rim takes
 */
public record MouldResult(
    double capacityL,
    double cavityL,
    double coreDisplacedL,
    double insertsL,
    @Nullable Walls walls,
    double freshMassKg,
    double holdDownKg,
    double castSurfaceM2,
    double fillPerMmKg,
    List<Finding> warnings) {

  /** The hold-down with its margin of a fifth. */
  public double holdDownWithMarginKg() {
    return holdDownKg * MouldSum.HOLD_DOWN_MARGIN;
  }

  /**
   * The wall round a core, in mm.
   *
   * @param nominalMm the narrowest level gap with the core centred
   * @param thinnestMm the same with the core where it is
   * @param thinnestAtMm its height above the cavity's floor
   * @param ok whether the thinnest keeps the least wall wanted
   * @param allowedMm how far off centre the core may be and still keep it
   * @param baseMm the base's thickness
   * @param largestGrainMm a fifth of the narrowest gap
   */
  public record Walls(
      double nominalMm,
      double thinnestMm,
      double thinnestAtMm,
      boolean ok,
      double allowedMm,
      double baseMm,
      double largestGrainMm) {}
}
