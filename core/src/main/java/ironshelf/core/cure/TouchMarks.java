package ironshelf.core.cure;

import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * What the shop's own marks say of a recipe's demould age: the age that parts <i>too green</i> from
 * the rest with the fewest marks on the wrong side, and likewise <i>too hard</i>. Of ages that do
 * as well the one nearest to what is used now is taken, so that agreeing marks change nothing.
 * Nothing is said before there are {@link #LEAST} marks, or without a mark on either side.
 *
 * @param demouldAgeH null where the marks do not say
 * @param greenUntilAgeH likewise
 * @param against marks that lie on the wrong side of the demould age
 */
public record TouchMarks(
    @Nullable Double demouldAgeH,
    @Nullable Double greenUntilAgeH,
    int tooGreen,
    int fine,
    int tooHard,
    int against) {

  /** Fewer marks say nothing (common practice: three castings before a habit changes). */
  public static final int LEAST = 3;

  /** A piece that came out at that equivalent age, and how it was. */
  public record TouchMark(double ageH, Touch touch) {
    public TouchMark {
      new Findings().within("ageH", ageH, 0, 10_000).present("touch", touch).orRefuse();
    }
  }

  /**
   * @param usedAgeH what the recipe says now, over 0
   * @param usedGreenH null where it has no green window
   */
  public static TouchMarks of(List<TouchMark> marks, double usedAgeH, @Nullable Double usedGreenH) {
    new Findings().above("usedAgeH", usedAgeH, 0, 10_000).orRefuse();
    List<Double> green = ages(marks, Touch.TOO_GREEN);
    List<Double> fine = ages(marks, Touch.FINE);
    List<Double> hard = ages(marks, Touch.TOO_HARD);
    List<Double> fit = new ArrayList<>(fine);
    fit.addAll(hard);
    List<Double> soft = new ArrayList<>(fine);
    soft.addAll(green);
    Double demould = boundary(green, fit, usedAgeH);
    Double closes = boundary(soft, hard, usedGreenH == null ? usedAgeH * 2 : usedGreenH);
    int against = demould == null ? 0 : wrong(green, fit, demould);
    return new TouchMarks(
        demould,
        demould != null && closes != null && closes < demould ? null : closes,
        green.size(),
        fine.size(),
        hard.size(),
        against);
  }

  private static List<Double> ages(List<TouchMark> marks, Touch touch) {
    return marks.stream().filter(m -> m.touch() == touch).map(TouchMark::ageH).toList();
  }

  /** Returns the age with the fewest below-marks above it and above-marks below it. */
  private static @Nullable Double boundary(List<Double> below, List<Double> above, double used) {
    if (below.isEmpty() || above.isEmpty() || below.size() + above.size() < LEAST) {
      return null;
    }
    TreeSet<Double> tried = new TreeSet<>();
    tried.add(used);
    below.forEach(age -> tried.add(Math.nextUp(age)));
    tried.addAll(above);
    double best = used;
    int fewest = wrong(below, above, used);
    for (double age : tried) {
      int wrong = wrong(below, above, age);
      if (wrong < fewest || (wrong == fewest && Math.abs(age - used) < Math.abs(best - used))) {
        best = age;
        fewest = wrong;
      }
    }
    return best;
  }

  private static int wrong(List<Double> below, List<Double> above, double age) {
    return (int)
        (below.stream().filter(a -> a >= age).count()
            + above.stream().filter(a -> a < age).count());
  }
}
