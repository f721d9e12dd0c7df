package ironshelf.core.mould.planar;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/**
 * A corner of an outline, and how the line goes on from it.
 *
 * @param riseMm how far the arc to the next corner stands out from the straight line, to the right
 *     of the way: outwards where the outline runs counter-clockwise; 0 for a straight line. Over
 *     half the line's length it is more than a half circle.
 */
public record PlanPoint(double xMm, double yMm, @WhenMissing("0") double riseMm) {

  public PlanPoint {
    riseMm = Double.isNaN(riseMm) ? 0 : riseMm;
    double most = Findings.MAX_LENGTH_MM;
    new Findings()
        .within("xMm", xMm, -most, most)
        .within("yMm", yMm, -most, most)
        .within("riseMm", riseMm, -most, most)
        .orRefuse();
  }

  /** Returns a corner with a straight line behind it. */
  public static PlanPoint of(double xMm, double yMm) {
    return new PlanPoint(xMm, yMm, 0);
  }

  /** Returns the corners of a closed outline, its arcs flattened to {@link Planes#FLATNESS_MM}. */
  public static List<Coordinate> flatten(List<PlanPoint> outline) {
    List<Coordinate> corners = new ArrayList<>();
    for (int i = 0; i < outline.size(); i++) {
      PlanPoint from = outline.get(i);
      PlanPoint to = outline.get((i + 1) % outline.size());
      corners.add(new Coordinate(from.xMm, from.yMm));
      arc(from, to, corners);
    }
    return corners;
  }

  private static void arc(PlanPoint from, PlanPoint to, List<Coordinate> corners) {
    double chord = Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm);
    double rise = Math.abs(from.riseMm);
    if (rise < Planes.FLATNESS_MM / 10 || chord == 0) {
      return;
    }
    double radius = (chord * chord / 4 + rise * rise) / (2 * rise);
    double angle = 4 * Math.atan2(2 * rise, chord);
    double step = 2 * Math.acos(Math.max(0, 1 - Planes.FLATNESS_MM / radius));
    int parts = Math.max(2, (int) Math.ceil(angle / step));
    double side = Math.signum(from.riseMm);
    // Unit vector of the way, and the one to its right.
    double wx = (to.xMm - from.xMm) / chord;
    double wy = (to.yMm - from.yMm) / chord;
    double cx = (from.xMm + to.xMm) / 2 + side * wy * (rise - radius);
    double cy = (from.yMm + to.yMm) / 2 - side * wx * (rise - radius);
    double start = Math.atan2(from.yMm - cy, from.xMm - cx);
    for (int k = 1; k < parts; k++) {
      // To the right of the way the arc turns counter-clockwise about its centre.
      double at = start + side * angle * k / parts;
      corners.add(new Coordinate(cx + radius * Math.cos(at), cy + radius * Math.sin(at)));
    }
  }
}
