package ironshelf.core.recipe;

import ironshelf.core.material.Role;
import ironshelf.core.quantity.Finding;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What {@link BatchSum} worked out. Lines and yield are for the whole; batches share them out.
 *
 * @param waterBinderRatio all mixing water, what the aggregate brings included, over all binder, by
 *     mass
 * @param pigmentPercentOfBinder all pigment over the cement in the binder, by mass (ASTM C979)
 * @param mixC temperature of the mix when it comes together
 * @param workingMin minutes from wetting; null where the recipe gives none
 * @param water null where the recipe gives no window
 * @param cooling what leaves the minutes wanted; null where none were, or the recipe gives no time
 */
public record BatchResult(
    List<Line> lines,
    double yieldL,
    double freshDensityKgM3,
    double waterBinderRatio,
    double pigmentPercentOfBinder,
    double mixC,
    @Nullable Double workingMin,
    @Nullable Water water,
    MixHeat.@Nullable Cooling cooling,
    List<Batch> batches,
    List<Finding> warnings) {

  /**
   * One ingredient, as weighed.
   *
   * @param scoopL loose volume; null where the bulk density is not known
   * @param absoluteL volume of its grains and of the free water it carries
   * @param bags how many packs that is; null where it is not sold so
   */
  public record Line(
      String name,
      Role role,
      double massKg,
      @Nullable Double scoopL,
      double absoluteL,
      @Nullable Double bags) {

    /** So much of it, 0 to 1. */
    public Line share(double share) {
      return new Line(
          name,
          role,
          massKg * share,
          scoopL == null ? null : scoopL * share,
          absoluteL * share,
          bags == null ? null : bags * share);
    }
  }

  /** Returns what a cubic metre of it has of all that is not water, in kg. */
  public double dryKgM3() {
    return lines.stream().filter(l -> l.role() != Role.WATER).mapToDouble(Line::massKg).sum()
        / yieldL
        * 1000;
  }

  /** Water to start with, to aim at, and never to pass; the rest is held back. */
  public record Water(double leastKg, double targetKg, double mostKg) {
    public double holdBackKg() {
      return targetKg - leastKg;
    }
  }

  /**
   * What is mixed at once.
   *
   * @param pourWithinMin minutes left for filling when mixing is done; null where the recipe gives
   *     no working time
   */
  public record Batch(int pieces, List<Line> lines, @Nullable Double pourWithinMin) {}
}
