package ironshelf.core.mould.wear;

import ironshelf.core.quantity.Findings;
import org.hipparchus.distribution.discrete.HypergeometricDistribution;

/**
 * Whether a copy makes more bad casts than its siblings by more than chance: Fisher's exact test,
 * one-sided (R. A. Fisher, The Design of Experiments, 1935), its limit divided by the number of
 * copies that are asked about at once (Bonferroni). Promises no cause.
 *
 * @param perHundred bad casts a hundred of this copy
 * @param siblingsPerHundred of all its siblings together
 * @param chance how often at least so many would be bad if it were like the others
 * @param worse whether it may be called bad
 */
public record DefectTest(
    double perHundred, double siblingsPerHundred, double chance, boolean worse) {

  /** What is called rare (common practice in statistics). */
  public static final double RARE = 0.05;

  /**
   * @param bad of this copy's casts
   * @param compared how many copies are judged in one go, 1 or more
   */
  public static DefectTest of(
      int bad, int casts, int siblingsBad, int siblingsCasts, int compared) {
    new Findings()
        .within("casts", casts, 0, 1e6)
        .within("bad", bad, 0, casts)
        .within("siblingsCasts", siblingsCasts, 0, 1e6)
        .within("siblingsBad", siblingsBad, 0, siblingsCasts)
        .within("compared", compared, 1, 1e5)
        .orRefuse();
    double chance =
        casts == 0 || siblingsCasts == 0
            ? 1
            : new HypergeometricDistribution(casts + siblingsCasts, bad + siblingsBad, casts)
                .upperCumulativeProbability(bad);
    return new DefectTest(
        perHundred(bad, casts),
        perHundred(siblingsBad, siblingsCasts),
        chance,
        chance < RARE / compared);
  }

  private static double perHundred(int bad, int casts) {
    return casts == 0 ? 0 : 100.0 * bad / casts;
  }
}
