package ironshelf.core.mould.planar;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/** The project's plane figures in the terms of the planar geometry library. */
public final class Planes {

  /** Arcs are flattened so that no chord is farther off (docs/method/moulds.md). */
  public static final double FLATNESS_MM = 0.1;

  /** What encloses no more encloses nothing. */
  private static final double LEAST_MM2 = 1e-6;

  private static final GeometryFactory FACTORY = new GeometryFactory();

  private Planes() {}

  /**
   * Returns the closed figure of an outline.
   *
   * @param field to name in what is refused
   * @throws RefusedException if it has fewer corners than close a figure, encloses nothing, or
   *     crosses or touches itself
   */
  public static Polygon figure(List<PlanPoint> outline, String field) {
    List<Coordinate> corners = PlanPoint.flatten(outline);
    Polygon figure = corners.size() < 3 ? null : polygon(corners);
    Map<String, Object> value = Map.of("value", outline.size());
    if (figure == null || !(figure.getArea() > LEAST_MM2)) {
      throw new RefusedException(new Finding(FindingCode.OUTLINE_EMPTY, field, value));
    }
    if (!figure.isSimple() || !figure.isValid()) {
      throw new RefusedException(new Finding(FindingCode.OUTLINE_CROSSES, field, value));
    }
    return figure;
  }

  /** Returns a closed figure through these corners in order. */
  public static Polygon polygon(List<Coordinate> corners) {
    return FACTORY.createPolygon(
        Stream.concat(corners.stream(), Stream.of(corners.get(0))).toArray(Coordinate[]::new));
  }

  /** Returns an upright rectangle about the origin. */
  public static Polygon rectangle(double lengthMm, double widthMm) {
    double x = lengthMm / 2;
    double y = widthMm / 2;
    return polygon(
        List.of(
            new Coordinate(-x, -y),
            new Coordinate(x, -y),
            new Coordinate(x, y),
            new Coordinate(-x, y)));
  }

  static Geometry circle(double xMm, double yMm, double radiusMm) {
    double step = 2 * Math.acos(Math.max(0, 1 - FLATNESS_MM / Math.max(radiusMm, FLATNESS_MM)));
    int corners = Math.max(24, (int) Math.ceil(2 * Math.PI / step));
    return polygon(
        Stream.iterate(0, i -> i + 1)
            .limit(corners)
            .map(i -> 2 * Math.PI * i / corners)
            .map(a -> new Coordinate(xMm + radiusMm * Math.cos(a), yMm + radiusMm * Math.sin(a)))
            .toList());
  }

  static Geometry point(double xMm, double yMm) {
    return FACTORY.createPoint(new Coordinate(xMm, yMm));
  }

  /** Returns a line through these points, for cutting and measuring. */
  public static LineString line(Coordinate... points) {
    return FACTORY.createLineString(points);
  }

  /** Several figures as one. */
  public static Geometry together(List<Polygon> parts) {
    return parts.size() == 1
        ? parts.get(0)
        : FACTORY.createMultiPolygon(parts.toArray(Polygon[]::new));
  }

  public static Geometry moved(Geometry figure, double xMm, double yMm) {
    return AffineTransformation.translationInstance(xMm, yMm).transform(figure);
  }

  /** Returns the figure with the middle of its box at the origin. */
  public static Geometry centred(Geometry figure) {
    Coordinate middle = figure.getEnvelopeInternal().centre();
    return moved(figure, -middle.x, -middle.y);
  }
}
