package ironshelf.core.plan.resource;

import ironshelf.core.plan.PlanRequest.PlanRecipe;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Casts that can share a mix: one recipe in one colour.
 *
 * @param shade darkness of the colour, 0 for the lightest
 * @param largestL capacity of the largest mixer
 * @param dayMin minutes of an open day, which limit a mix since it has no break
 * @param people who can fill at the same time
 */
public record Family(
    String recipe,
    String colour,
    double shade,
    PlanRecipe rules,
    double largestL,
    long dayMin,
    int people) {

  private static final double ALIKE = 1e-9;

  /**
   * Returns the minutes to prepare, weigh and mix so many litres. What exceeds the largest mixer is
   * mixed in several goes.
   */
  public int mixMin(double litres) {
    return (int) Math.ceil(rules.mixMin()) * mixes(litres);
  }

  public int washMin() {
    return (int) Math.ceil(rules.washMin());
  }

  /** Returns the block of work of a mix, without setup. */
  public Block block(double litres, Filling filling) {
    int mixMin = mixMin(litres);
    return new Block(
        mixMin + filling.lengthMin() + washMin(), filling.helpers(), mixMin, filling.lengthMin());
  }

  /**
   * Returns the litres to mix for so many that are needed: whole packs, and at least the least mix.
   */
  public double mixedL(double litres) {
    double packs =
        rules.packL() == 0 ? litres : Math.ceil(litres / rules.packL() - ALIKE) * rules.packL();
    return Math.max(rules.leastL(), packs);
  }

  /** Returns the most litres that a mixer of a size takes, in whole packs. */
  public double holdsL(double mixerL) {
    return rules.packL() == 0 ? mixerL : Math.floor(mixerL / rules.packL() + ALIKE) * rules.packL();
  }

  /** Returns the litres of one go in the mixer. */
  public double oneMixL(double litres) {
    return Math.min(largestL, mixedL(litres) / mixes(litres));
  }

  private int mixes(double litres) {
    return (int) Math.max(1, Math.ceil(mixedL(litres) / largestL - ALIKE));
  }

  /**
   * Returns the filling of casts from one mix by the fewest people who finish within the working
   * time.
   *
   * @param minutes of each cast, in the order in which they are filled
   * @return null where it is more than one mix, or where all people together are too slow
   */
  public @Nullable Filling filling(double litres, List<Integer> minutes) {
    if (mixedL(litres) > largestL + ALIKE) {
      return null;
    }
    for (int fillers = 1; fillers <= Math.min(people, minutes.size()); fillers++) {
      Filling filling = Filling.of(minutes, fillers);
      if (isInTime(litres, filling.lengthMin())) {
        return filling;
      }
    }
    return null;
  }

  private boolean isInTime(double litres, int fillMin) {
    return (rules.workingMin() == null || rules.mixMin() + fillMin <= rules.workingMin() + ALIKE)
        && mixMin(litres) + fillMin + washMin() + Math.ceil(rules.moreWashMin()) <= dayMin;
  }

  /** Tests whether so much is one mix that can be filled within the working time. */
  public boolean isOneMix(double litres, List<Integer> minutes) {
    return filling(litres, minutes) != null;
  }
}
