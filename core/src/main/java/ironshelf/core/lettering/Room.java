package ironshelf.core.lettering;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/**
 * What an outline leaves for a line of letters between two heights.
 *
 * @param leftMm where it begins, over its whole height
 * @param rightMm where it ends; not beyond where it begins if there is none
 */
record Room(double leftMm, double rightMm) {

  double widthMm() {
    return Math.max(0, rightMm - leftMm);
  }

  /**
   * Returns the room between two heights of a ring, around the middle of its widest chord half way
   * between them. Exact for straight edges.
   */
  static Room between(List<Coordinate> ring, double lowMm, double highMm) {
    double middle = centre(ring, (lowMm + highMm) / 2);
    double left = Double.NEGATIVE_INFINITY;
    double right = Double.POSITIVE_INFINITY;
    for (int i = 0; i < ring.size(); i++) {
      Coordinate a = ring.get(i);
      Coordinate b = ring.get((i + 1) % ring.size());
      double from = Math.max(lowMm, Math.min(a.y, b.y));
      double to = Math.min(highMm, Math.max(a.y, b.y));
      // An edge that only touches the line from above or below takes nothing of it.
      if (from > to || to <= lowMm || from >= highMm) {
        continue;
      }
      boolean flat = a.y == b.y;
      double x0 = flat ? a.x : at(a, b, from);
      double x1 = flat ? b.x : at(a, b, to);
      double least = Math.min(x0, x1);
      double most = Math.max(x0, x1);
      // An edge that passes the middle leaves nothing: the line sticks out above or below.
      if (least <= middle) {
        left = Math.max(left, Math.min(most, middle));
      }
      if (most >= middle) {
        right = Math.min(right, Math.max(least, middle));
      }
    }
    return Double.isInfinite(left) || Double.isInfinite(right)
        ? new Room(middle, middle)
        : new Room(left, right);
  }

  private static double at(Coordinate a, Coordinate b, double y) {
    return a.x + (b.x - a.x) * (y - a.y) / (b.y - a.y);
  }

  private static double centre(List<Coordinate> ring, double y) {
    List<Double> crossings = new ArrayList<>();
    for (int i = 0; i < ring.size(); i++) {
      Coordinate a = ring.get(i);
      Coordinate b = ring.get((i + 1) % ring.size());
      if ((a.y <= y) != (b.y <= y)) {
        crossings.add(a.x + (b.x - a.x) * (y - a.y) / (b.y - a.y));
      }
    }
    crossings.sort(null);
    double widest = -1;
    double centre = ring.get(0).x;
    for (int i = 0; i + 1 < crossings.size(); i += 2) {
      double width = crossings.get(i + 1) - crossings.get(i);
      if (width > widest) {
        widest = width;
        centre = (crossings.get(i) + crossings.get(i + 1)) / 2;
      }
    }
    return centre;
  }
}
