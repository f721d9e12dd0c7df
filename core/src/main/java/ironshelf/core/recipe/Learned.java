package ironshelf.core.recipe;

import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.stat.descriptive.rank.Median;

/**
 * A value that the shop's own pours teach: an exponentially weighted mean that starts at the
 * shipped value and moves a quarter of the way to each new one. What lies far off those around it
 * is held out and told, so that one bad weighing teaches nothing; where the next ones agree with
 * it, it counts after all.
 *
 * @param value now
 * @param count of pours it rests on
 * @param heldOut those not counted, by their place in the list
 */
public record Learned(double value, int count, List<Integer> heldOut) {

  /** How far each new value moves the mean (common practice: a quarter). */
  static final double WEIGHT = 0.25;

  /**
   * A value that differs from the median of those poured around its time by more than so many
   * median absolute deviations is held out (modified z-score, limit 3.5 over 0.6745, NIST/SEMATECH
   * e-Handbook 1.3.5.17).
   */
  static final double MOST_DEVIATIONS = 3.5 / 0.6745;

  /** Pours before and after one that it is judged by: old ones say little of today's sand. */
  static final int AROUND = 4;

  /** Below so many, the shipped value among them, nothing says which of them is the bad one. */
  static final int LEAST_TO_JUDGE = 3;

  /** Values closer together than this share of the median are alike, whatever the spread. */
  private static final double ALIKE = 0.1;

  public Learned {
    heldOut = List.copyOf(heldOut);
  }

  /**
   * @param start the shipped value
   * @param values in the order of the pours; none of them NaN, and of a kind whose nought means
   *     none (a factor, a share, minutes), because closeness is judged by share
   */
  public static Learned of(double start, List<Double> values) {
    Findings findings = new Findings().within("start", start, -1e6, 1e6);
    for (int i = 0; i < values.size(); i++) {
      findings.within("values." + i, values.get(i), -1e6, 1e6);
    }
    findings.orRefuse();
    List<Integer> heldOut = outliers(start, values);
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

  private static List<Integer> outliers(double start, List<Double> values) {
    List<Integer> outliers = new ArrayList<>();
    for (int i = 0; i < values.size(); i++) {
      int from = Math.max(0, i - AROUND);
      List<Double> around =
          new ArrayList<>(values.subList(from, Math.min(values.size(), i + AROUND + 1)));
      if (around.size() <= AROUND) {
        around.add(start);
      }
      if (around.size() >= LEAST_TO_JUDGE && isFar(values.get(i), around)) {
        outliers.add(i);
      }
    }
    return outliers;
  }

  private static boolean isFar(double value, List<Double> around) {
    double middle = median(around);
    double spread = median(around.stream().map(v -> Math.abs(v - middle)).toList());
    return Math.abs(value - middle) > Math.max(spread * MOST_DEVIATIONS, ALIKE * Math.abs(middle));
  }

  private static double median(List<Double> values) {
    return new Median().evaluate(values.stream().mapToDouble(Double::doubleValue).toArray());
  }
}
