package ironshelf.core.piece;

import ironshelf.core.quantity.Findings;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Whether what pieces weigh keeps within what it varies by chance: the chart of individuals and
 * moving ranges (NIST/SEMATECH e-Handbook of Statistical Methods, 6.3.2.2), with the run rules of
 * its section 6.3.2 (Western Electric).
 *
 * @param meanKg the centre line
 * @param meanRangeKg the mean difference between one piece and the next
 * @param lowKg the lower control limit: centre less 2.66 mean ranges (3 / d2, d2 = 1.128)
 * @param highKg the upper one
 * @param signals what chance would hardly do, the earliest first
 * @param insideShare of the pieces within the tolerance, 0 to 1; null where there is none
 */
public record WeightControl(
    double meanKg,
    double meanRangeKg,
    double lowKg,
    double highKg,
    List<Signal> signals,
    @Nullable Double insideShare) {

  /** Expected range of two over their standard deviation (NIST 6.3.2.2). */
  private static final double D2 = 1.128;

  private static final int MOST = 10_000;

  /** A rule that was broken. */
  public enum RunRule {
    /** One beyond three standard deviations. */
    BEYOND_LIMITS(1, 1, 3),
    /** Two of three beyond two, on one side. */
    TWO_OF_THREE(2, 3, 2),
    /** Four of five beyond one, on one side. */
    FOUR_OF_FIVE(4, 5, 1),
    /** Eight in a row on one side. */
    EIGHT_ON_ONE_SIDE(8, 8, 0);

    private final int count;
    private final int of;
    private final double sigmas;

    RunRule(int count, int of, double sigmas) {
      this.count = count;
      this.of = of;
      this.sigmas = sigmas;
    }
  }

  /**
   * A rule and the piece that broke it.
   *
   * @param at its place in the list, from 0
   */
  public record Signal(int at, RunRule rule) {}

  public WeightControl {
    signals = List.copyOf(signals);
  }

  /**
   * @param massesKg at least two, in the order in which the pieces were made
   * @param targetKg what they should weigh; null where there is no target
   * @param toleranceKg how far from it they may be, 0 or more; likewise
   */
  public static WeightControl of(
      List<Double> massesKg, @Nullable Double targetKg, @Nullable Double toleranceKg) {
    Findings findings = new Findings().list("massesKg", massesKg, MOST);
    findings.orRefuse();
    for (int i = 0; i < massesKg.size(); i++) {
      findings.above("massesKg." + i, massesKg.get(i), 0, Findings.MAX_MASS_KG);
    }
    findings.within("massesKg.count", massesKg.size(), 2, MOST);
    if (toleranceKg != null) {
      findings.within("toleranceKg", toleranceKg, 0, Findings.MAX_MASS_KG);
      findings.present("targetKg", targetKg);
    }
    if (targetKg != null) {
      findings.above("targetKg", targetKg, 0, Findings.MAX_MASS_KG);
    }
    findings.orRefuse();
    double mean = massesKg.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    double ranges = 0;
    for (int i = 1; i < massesKg.size(); i++) {
      ranges += Math.abs(massesKg.get(i) - massesKg.get(i - 1));
    }
    double meanRange = ranges / (massesKg.size() - 1);
    double sigma = meanRange / D2;
    return new WeightControl(
        mean,
        meanRange,
        mean - 3 * sigma,
        mean + 3 * sigma,
        signals(massesKg, mean, sigma),
        targetKg == null || toleranceKg == null
            ? null
            : (double) massesKg.stream().filter(m -> isInside(m, targetKg, toleranceKg)).count()
                / massesKg.size());
  }

  /** In decimals, which is what a scale shows: 20.3 is 0.3 from 20 and no more. */
  private static boolean isInside(double massKg, double targetKg, double toleranceKg) {
    BigDecimal off = BigDecimal.valueOf(massKg).subtract(BigDecimal.valueOf(targetKg));
    return off.abs().compareTo(BigDecimal.valueOf(toleranceKg)) <= 0;
  }

  private static List<Signal> signals(List<Double> masses, double mean, double sigma) {
    List<Signal> signals = new ArrayList<>();
    for (int i = 0; i < masses.size(); i++) {
      for (RunRule rule : RunRule.values()) {
        if (breaks(masses, i, rule, mean, sigma, 1) || breaks(masses, i, rule, mean, sigma, -1)) {
          signals.add(new Signal(i, rule));
        }
      }
    }
    return signals;
  }

  /** Tests whether the piece itself is beyond, and enough of those up to it. */
  private static boolean breaks(
      List<Double> masses, int at, RunRule rule, double mean, double sigma, int side) {
    if (at + 1 < rule.of || side * (masses.get(at) - mean) <= rule.sigmas * sigma) {
      return false;
    }
    long beyond =
        masses.subList(at + 1 - rule.of, at + 1).stream()
            .filter(m -> side * (m - mean) > rule.sigmas * sigma)
            .count();
    return beyond >= rule.count;
  }
}
