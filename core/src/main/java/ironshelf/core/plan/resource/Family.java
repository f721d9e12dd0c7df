package ironshelf.core.plan.resource;

import ironshelf.core.plan.PlanRequest.PlanRecipe;

/**
 * What is mixed alike: one recipe in one colour.
 *
 * @param shade 0 for the lightest
 * @param largestL that any mixer takes
 * @param dayMin of an open day: a mix is one stretch
 */
public record Family(
    String recipe, String colour, double shade, PlanRecipe rules, double largestL, long dayMin) {

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

  /** Minutes of a person without setup. */
  public int minutes(double litres, int fillMin) {
    return mixMin(litres) + fillMin + washMin();
  }

  /** What is mixed for so many litres: whole packs, and as much as can be mixed. */
  public double mixedL(double litres) {
    double packs =
        rules.packL() == 0 ? litres : Math.ceil(litres / rules.packL() - ALIKE) * rules.packL();
    return Math.max(rules.leastL(), packs);
  }

  /** Litres of one mix, in its mixer. */
  public double oneMixL(double litres) {
    return Math.min(largestL, mixedL(litres) / mixes(litres));
  }

  private int mixes(double litres) {
    return (int) Math.max(1, Math.ceil(mixedL(litres) / largestL - ALIKE));
  }

  /** Whether so much is one mix, and is filled while it can be worked. */
  public boolean isOneMix(double litres, int fillMin) {
    return mixedL(litres) <= largestL + ALIKE
        && (rules.workingMin() == null || rules.mixMin() + fillMin <= rules.workingMin() + ALIKE)
        && minutes(litres, fillMin) + Math.ceil(rules.moreWashMin()) <= dayMin;
  }
}
