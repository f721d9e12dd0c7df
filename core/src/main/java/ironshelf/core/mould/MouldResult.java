package ironshelf.core.mould;

import ironshelf.core.quantity.Finding;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What {@link MouldSum} worked out. Capacity, mass, surfaces and fill are for the whole mould, the
 * volumes of cavity, cores and inserts and the hold-down for one cavity.
 *
 * @param walls null where there is no core, or the cavity was only measured
 * @param holdDownKg what keeps one cavity's cores from rising, without margin
 * @param surface null where the cavity was only measured
 * @param fillPerMmKg what the last millimetre under the rim takes; null likewise
 * @param parts pour by pour; empty where it is poured in one
 */
public record MouldResult(
    double capacityL,
    double cavityL,
    double coreDisplacedL,
    double insertsL,
    @Nullable Walls walls,
    double freshMassKg,
    double holdDownKg,
    @Nullable Surface surface,
    @Nullable Double fillPerMmKg,
    List<PartResult> parts,
    List<Finding> warnings) {

  /** Returns the hold-down with its margin of a fifth. */
  public double holdDownWithMarginKg() {
    return holdDownKg * MouldSum.HOLD_DOWN_MARGIN;
  }

  /**
   * The wall round the cores, in mm.
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

  /** The faces of the casting in m2: outside with the floor, inside with the cores' floors, rim. */
  public record Surface(double outsideM2, double insideM2, double rimM2) {
    public double allM2() {
      return outsideM2 + insideM2 + rimM2;
    }
  }

  /**
   * One of several pours.
   *
   * @param levelMm where it ends in the cavity; null where the cavity was only measured
   */
  public record PartResult(
      String name, double volumeL, double freshMassKg, @Nullable Double levelMm) {}
}
