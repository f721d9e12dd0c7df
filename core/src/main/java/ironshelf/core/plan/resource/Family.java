package ironshelf.core.plan.resource;

import ironshelf.core.plan.PlanRequest.PlanRecipe;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is mixed alike: one recipe in one colour.
 *
 * @param shade 0 for the lightest
 * @param largestL that any mixer takes
 * @param dayMin of an open day: a mix is one stretch
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
   * Minutes to prepare, weigh and mix for so many litres; more than a mixer takes is mixed again.
   */
  public int mixMin(double litres) {
    return (int) Math.ceil(rules.mixMin()) * mixes(litres);
  }

  public int washMin() {
    return (int) Math.ceil(rules.washMin());
  }

  /** The stretch of a mix without setup. */
  public Block block(double litres, Filling filling) {
    int mixMin = mixMin(litres);
    return new Block(
        mixMin + filling.lengthMin() + washMin(), filling.helpers(), mixMin, filling.lengthMin());
  }

  /** What is mixed for so many litres: whole packs, and as much as can be mixed. */
  public double mixedL(double litres) {
    double packs =
        rules.packL() == 0 ? litres : Math.ceil(litres / rules.packL() - ALIKE) * rules.packL();
    return Math.max(rules.leastL(), packs);
  }

  /** What a mixer of a size holds of it at most, in whole packs. */
  public double holdsL(double mixerL) {
    return rules.packL() == 0 ? mixerL : Math.floor(mixerL / rules.packL() + ALIKE) * rules.packL();
  }

  /** Litres of one mix, in its mixer. */
  public double oneMixL(double litres) {
    return Math.min(largestL, mixedL(litres) / mixes(litres));
  }

  private int mixes(double litres) {
    return (int) Math.max(1, Math.ceil(mixedL(litres) / largestL - ALIKE));
  }

  /**
   * How casts are filled from one mix: by as few people as fill them while it can be worked; null
   * where it is not one mix, or all people together cannot.
   *
   * @param minutes of each cast, in the order in which they are filled
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

  /** Whether so much is one mix, and is filled while it can be worked. */
  public boolean isOneMix(double litres, List<Integer> minutes) {
    return filling(litres, minutes) != null;
  }
}
