package ironshelf.core.material;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How long a material lasts at the plan's pace, as if each week's use went evenly through the week.
 *
 * @param leftKg now and at the end of each week; below zero once it is used up
 * @param outInWeeks when nothing is left, from now; null where it lasts as long as is looked at
 */
public record Lasting(List<Double> leftKg, @Nullable Double outInWeeks) {

  /** Less than that is what rounding leaves. */
  private static final double NOTHING_KG = 1e-6;

  public Lasting {
    leftKg = List.copyOf(leftKg);
  }

  /**
   * @param stockKg now; below zero where more was taken than was known of
   * @param useKg week by week; a week that is not in it uses nothing
   * @param weeks to look ahead, 1 to 520
   */
  public static Lasting of(double stockKg, List<Double> useKg, int weeks) {
    List<Double> left = new ArrayList<>(List.of(stockKg));
    Double out = stockKg < -NOTHING_KG ? Double.valueOf(0) : null;
    for (int week = 0; week < weeks; week++) {
      double before = left.get(week);
      double use = week < useKg.size() ? useKg.get(week) : 0;
      left.add(before - use);
      if (out == null && before - use < -NOTHING_KG) {
        out = week + before / use;
      }
    }
    return new Lasting(left, out);
  }
}
