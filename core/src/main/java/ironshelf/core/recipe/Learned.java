package ironshelf.core.recipe;

import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;

/**
 * A value that the shop's own pours teach: an exponentially weighted mean that starts at the
 * shipped value and moves a quarter of the way to each new one (handbook 2-2). What lies far off is
 * held out and told.
 *
 * @param value now
 * @param count of pours it rests on
 * @param heldOut those not counted, by their place in the list
 */
public record Learned(double value, int count, List<Integer> heldOut) {

  /** How far each new value moves the mean (common practice: a quarter). */
  static final double WEIGHT = 0.25;

  /**
   * A value that differs from the mean of all by more than so many mean absolute deviations is held
   * out, once there are {@link #LEAST_TO_JUDGE} (modified z-score, limit 3.5 over 0.6745,
   * NIST/SEMATECH e-Handbook 1.3.5.17).
   */
  static final double MOST_DEVIATIONS = 3.5 / 0.6745;

  static final int LEAST_TO_JUDGE = 5;

  /** Values closer together than this share of the median are alike, whatever the spread. */
  private static final double ALIKE = 0.02;

  public Learned {
    heldOut = List.copyOf(heldOut);
  }

  /**
   * @param start the shipped value
   * @param values in the order of the pours; none of them NaN
   */
  public static Learned of(double start, List<Double> values) {
    Findings findings = new Findings().within("start", start, -1e6, 1e6);
    for (int i = 0; i < values.size(); i++) {
      findings.within("values." + i, values.get(i), -1e6, 1e6);
    }
    findings.orRefuse();
    List<Integer> heldOut = outliers(values);
    double mean = start;
    int count = 0;
    for (int i = 0; i < values.size(); i++) {
      if (!heldOut.contains(i)) {
        mean += WEIGHT * (values.get(i) - mean);
        count++;
      }
    }
    return new Learned(mean, count, heldOut);
  }

  private static List<Integer> outliers(List<Double> values) {
    if (values.size() < LEAST_TO_JUDGE) {
      return List.of();
    }
    double middle = median(values);
    double spread = median(values.stream().map(v -> Math.abs(v - middle)).toList());
    double limit = Math.max(spread * MOST_DEVIATIONS, ALIKE * Math.abs(middle));
    List<Integer> outliers = new ArrayList<>();
    for (int i = 0; i < values.size(); i++) {
      if (Math.abs(values.get(i) - middle) > limit) {
        outliers.add(i);
      }
    }
    return outliers;
  }

  private static double median(List<Double> values) {
    double[] sorted = values.stream().mapToDouble(Double::doubleValue).sorted().toArray();
    int half = sorted.length / 2;
    return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
  }
}
