package ironshelf.core.cure.binder;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.List;
import java.util.Map;

/** Share of the 28-day strength against equivalent age. */
public sealed interface StrengthCurve {

  double HOURS_28_D = 28 * 24.0;

  /** Returns the share at an equivalent age in hours; 0 at 0, never falling. */
  double shareAt(double equivalentAgeH);

  /**
   * {@code exp(s (1 - sqrt(28/t)))}, t in days (EN 1992-1-1, 3.1.2(6)).
   *
   * @param s 0.20 for class R, 0.25 for N, 0.38 for S; 0.05 to 1 taken
   */
  record En1992(double s) implements StrengthCurve {
    public En1992 {
      new Findings().within("s", s, 0.05, 1).orRefuse();
    }

    @Override
    public double shareAt(double equivalentAgeH) {
      return equivalentAgeH <= 0 ? 0 : Math.exp(s * (1 - Math.sqrt(HOURS_28_D / equivalentAgeH)));
    }
  }

  /**
   * {@code t / (a + b t)}, t in days (ACI 209R-92, 2.2.1): Type I moist 4.0 and 0.85, Type III 2.3
   * and 0.92.
   */
  record Aci209(double a, double b) implements StrengthCurve {
    public Aci209 {
      new Findings().above("a", a, 0, 100).above("b", b, 0, 2).orRefuse();
    }

    @Override
    public double shareAt(double equivalentAgeH) {
      double days = Math.max(0, equivalentAgeH) / 24;
      return days / (a + b * days);
    }
  }

  /**
   * A material's own points, from its data sheet; straight lines over the logarithm of age between
   * them, a straight line from nothing to the first, level after the last.
   */
  record Points(List<Point> points) implements StrengthCurve {
    public Points {
      new Findings().list("points", points, 50).orRefuse();
      points = List.copyOf(points);
      for (int i = 1; i < points.size(); i++) {
        Point before = points.get(i - 1);
        Point here = points.get(i);
        new Findings()
            .addIf(
                !(here.hours > before.hours && here.share >= before.share),
                FindingCode.POINTS_NOT_RISING,
                "points." + i,
                Map.of("value", here.hours, "before", before.hours))
            .orRefuse();
      }
    }

    @Override
    public double shareAt(double equivalentAgeH) {
      Point before = points.get(0);
      if (equivalentAgeH <= before.hours) {
        return Math.max(0, equivalentAgeH) / before.hours * before.share;
      }
      for (Point here : points) {
        if (equivalentAgeH <= here.hours) {
          double way =
              Math.log(equivalentAgeH / before.hours) / Math.log(here.hours / before.hours);
          return before.share + way * (here.share - before.share);
        }
        before = here;
      }
      return before.share;
    }
  }

  /** The share of 28-day strength at an equivalent age. */
  record Point(double hours, double share) {
    public Point {
      new Findings().above("hours", hours, 0, 100_000).within("share", share, 0, 2).orRefuse();
    }
  }
}
