package ironshelf.core.mould.planar;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import ironshelf.core.quantity.Root;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Outlines that makers cut often, from a few measures; all run counter-clockwise about the origin.
 */
public sealed interface ReadyOutline {

  List<PlanPoint> points();

  /**
   * Two arcs that meet at bow and stern.
   *
   * @param beamMm not over the length
   */
  record Boat(double lengthMm, double beamMm) implements ReadyOutline {
    public Boat {
      new Findings()
          .length("lengthMm", lengthMm)
          .above("beamMm", beamMm, 0, Math.min(Findings.MAX_LENGTH_MM, orMost(lengthMm)))
          .orRefuse();
    }

    @Override
    public List<PlanPoint> points() {
      return List.of(
          new PlanPoint(-lengthMm / 2, 0, beamMm / 2), new PlanPoint(lengthMm / 2, 0, beamMm / 2));
    }
  }

  /** A rectangle with its corners rounded. */
  record RoundedRectangle(double lengthMm, double widthMm, double cornerMm)
      implements ReadyOutline {
    public RoundedRectangle {
      new Findings()
          .length("lengthMm", lengthMm)
          .length("widthMm", widthMm)
          .within("cornerMm", cornerMm, 0, Math.min(orMost(lengthMm), orMost(widthMm)) / 2)
          .orRefuse();
    }

    @Override
    public List<PlanPoint> points() {
      double x = lengthMm / 2;
      double y = widthMm / 2;
      double c = cornerMm;
      // An eighth turn's rise: r (1 - cos 45 deg).
      double rise = c * (1 - Math.sqrt(0.5));
      List<PlanPoint> points = new ArrayList<>();
      double[][] corners = {{x, -y, 1, 0}, {x, y, 0, 1}, {-x, y, -1, 0}, {-x, -y, 0, -1}};
      for (double[] k : corners) {
        // k holds a corner and the way that leads to it.
        points.add(new PlanPoint(k[0] - c * k[2], k[1] - c * k[3], rise));
        if (c > 0) {
          points.add(PlanPoint.of(k[0] - c * k[3], k[1] + c * k[2]));
        }
      }
      return points;
    }
  }

  /** A leaf: pointed at both ends, widest at about two fifths of its length. */
  record Leaf(double lengthMm, double widthMm) implements ReadyOutline {
    private static final int STEPS = 40;

    public Leaf {
      new Findings().length("lengthMm", lengthMm).length("widthMm", widthMm).orRefuse();
    }

    @Override
    public List<PlanPoint> points() {
      double[] ys = new double[STEPS + 1];
      double highest = 0;
      for (int i = 0; i <= STEPS; i++) {
        ys[i] = bezier(0, 0.9, 0.6, 0, (double) i / STEPS);
        highest = Math.max(highest, ys[i]);
      }
      List<PlanPoint> below = new ArrayList<>();
      List<PlanPoint> above = new ArrayList<>();
      for (int i = 0; i <= STEPS; i++) {
        double x = (bezier(0, 0.12, 0.6, 1, (double) i / STEPS) - 0.5) * lengthMm;
        double y = ys[i] / highest * widthMm / 2;
        below.add(PlanPoint.of(x, -y));
        if (i > 0 && i < STEPS) {
          above.add(0, PlanPoint.of(x, y));
        }
      }
      below.addAll(above);
      return List.copyOf(below);
    }

    private static double bezier(double a, double b, double c, double d, double t) {
      double u = 1 - t;
      return a * u * u * u + 3 * b * u * u * t + 3 * c * u * t * t + d * t * t * t;
    }
  }

  /**
   * Two circles joined by arcs that touch both: an hourglass.
   *
   * @param apartMm between the centres
   * @param waistMm at its narrowest; between what touching circles leave and the straight join
   */
  record Hourglass(double firstMm, double secondMm, double apartMm, double waistMm)
      implements ReadyOutline {
    private static final double LARGEST_JOIN_MM = 1e6;

    public Hourglass {
      Findings findings =
          new Findings()
              .length("firstMm", firstMm)
              .length("secondMm", secondMm)
              .length("apartMm", apartMm)
              .length("waistMm", waistMm);
      findings.orRefuse();
      findings
          .addIf(
              apartMm <= Math.abs(firstMm - secondMm) / 2,
              FindingCode.NUMBER_NOT_ABOVE,
              "apartMm",
              Map.of("value", apartMm, "low", Math.abs(firstMm - secondMm) / 2))
          .orRefuse();
      double least =
          Math.max(
              0, 2 * halfWaist(firstMm, secondMm, apartMm, leastJoin(firstMm, secondMm, apartMm)));
      double most = 2 * halfWaist(firstMm, secondMm, apartMm, mostJoin(firstMm, secondMm, apartMm));
      if (!(waistMm > least && waistMm < most)) {
        throw new RefusedException(
            new Finding(
                FindingCode.WAIST_IMPOSSIBLE,
                "waistMm",
                Map.of("value", waistMm, "least", least, "most", most)));
      }
    }

    private static double leastJoin(double first, double second, double apart) {
      return Math.max(1e-6, (apart - (first + second) / 2) / 2 + 1e-6);
    }

    /** With a larger one the narrowest place of unequal circles is the smaller circle itself. */
    private static double mostJoin(double first, double second, double apart) {
      double difference = Math.abs(first - second) / 2;
      double most = (apart * apart / difference - (first + second) / 2) / 2;
      return difference > 0 ? Math.min(LARGEST_JOIN_MM, most) : LARGEST_JOIN_MM;
    }

    /** Half the width at the narrowest when the joining arcs have that radius. */
    private static double halfWaist(double first, double second, double apart, double join) {
      return joinCentre(first, second, apart, join)[1] - join;
    }

    /**
     * Returns the upper joining arc's centre: where circles about both centres, grown by it, meet.
     */
    private static double[] joinCentre(double first, double second, double apart, double join) {
      double a = first / 2 + join;
      double b = second / 2 + join;
      double along = (a * a - b * b + apart * apart) / (2 * apart);
      return new double[] {along - apart / 2, Math.sqrt(Math.max(0, a * a - along * along))};
    }

    private double joinRadius() {
      double most = mostJoin(firstMm, secondMm, apartMm);
      // The waist widens with the joining radius.
      return Root.of(
          join -> 2 * halfWaist(firstMm, secondMm, apartMm, join) - waistMm,
          leastJoin(firstMm, secondMm, apartMm),
          most,
          1e-9 * most);
    }

    @Override
    public List<PlanPoint> points() {
      double join = joinRadius();
      double[] centre = joinCentre(firstMm, secondMm, apartMm, join);
      double left = -apartMm / 2;
      double right = apartMm / 2;
      double leftShare = firstMm / 2 / (firstMm / 2 + join);
      double rightShare = secondMm / 2 / (secondMm / 2 + join);
      double x1 = left + (centre[0] - left) * leftShare;
      double y1 = centre[1] * leftShare;
      double x2 = right + (centre[0] - right) * rightShare;
      double y2 = centre[1] * rightShare;
      double chord = Math.hypot(x2 - x1, y2 - y1);
      double inwards = -(join - Math.sqrt(join * join - chord * chord / 4));
      return List.of(
          new PlanPoint(x1, -y1, inwards),
          new PlanPoint(x2, -y2, right + secondMm / 2 - x2),
          new PlanPoint(x2, y2, inwards),
          new PlanPoint(x1, y1, x1 - (left - firstMm / 2)));
    }
  }

  private static double orMost(double value) {
    return value > 0 ? value : Findings.MAX_LENGTH_MM;
  }
}
