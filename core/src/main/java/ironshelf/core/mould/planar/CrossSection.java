package ironshelf.core.mould.planar;

import org.locationtech.jts.algorithm.distance.DistanceToPoint;
import org.locationtech.jts.algorithm.distance.PointPairDistance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/** A level cut through a solid. Lengths in mm, the solid's axis at the origin. */
public sealed interface CrossSection {

  double areaMm2();

  double perimeterMm();

  /** Returns the middle of its area. */
  Coordinate centroid();

  /**
   * Returns the narrowest level gap between this cut and an inner one, in mm; negative by how far
   * the inner one reaches through. Exact between circles and between polygons.
   */
  double gapTo(CrossSection inner);

  /** Returns the same cut elsewhere. */
  CrossSection movedBy(double xMm, double yMm);

  /** Returns the cut as a polygon; circles to {@link Planes#FLATNESS_MM}. */
  Geometry polygon();

  /** Returns a circle about the axis. */
  static Round circle(double radiusMm) {
    return new Round(radiusMm, 0, 0, 0);
  }

  /** A circle, perhaps with a round bore in its middle. */
  record Round(double radiusMm, double boreMm, double xMm, double yMm) implements CrossSection {

    @Override
    public double areaMm2() {
      return Math.PI * (radiusMm * radiusMm - boreMm * boreMm);
    }

    @Override
    public double perimeterMm() {
      return 2 * Math.PI * (radiusMm + boreMm);
    }

    @Override
    public Coordinate centroid() {
      return new Coordinate(xMm, yMm);
    }

    @Override
    public double gapTo(CrossSection inner) {
      if (inner instanceof Round other) {
        double apart = Math.hypot(xMm - other.xMm, yMm - other.yMm);
        double outside = radiusMm - apart - other.radiusMm;
        return boreMm > 0 ? Math.min(outside, other.boreMm - apart - boreMm) : outside;
      }
      if (boreMm > 0) {
        return new Planar(polygon()).gapTo(inner);
      }
      double farthest = 0;
      for (Coordinate c : inner.polygon().getCoordinates()) {
        farthest = Math.max(farthest, Math.hypot(c.x - xMm, c.y - yMm));
      }
      return radiusMm - farthest;
    }

    @Override
    public CrossSection movedBy(double x, double y) {
      return new Round(radiusMm, boreMm, xMm + x, yMm + y);
    }

    @Override
    public Geometry polygon() {
      Geometry disc = Planes.circle(xMm, yMm, radiusMm);
      return boreMm > 0 ? disc.difference(Planes.circle(xMm, yMm, boreMm)) : disc;
    }
  }

  /** Any polygon, holes included. */
  record Planar(Geometry polygon) implements CrossSection {

    @Override
    public double areaMm2() {
      return polygon.getArea();
    }

    @Override
    public double perimeterMm() {
      return polygon.getLength();
    }

    @Override
    public Coordinate centroid() {
      Coordinate middle = polygon.getCentroid().getCoordinate();
      return middle == null ? new Coordinate(0, 0) : middle;
    }

    @Override
    public double gapTo(CrossSection inner) {
      if (inner instanceof Round round && round.boreMm == 0) {
        Geometry centre = Planes.point(round.xMm, round.yMm);
        double toEdge = polygon.getBoundary().distance(centre);
        return (polygon.covers(centre) ? toEdge : -toEdge) - round.radiusMm;
      }
      Geometry other = inner.polygon();
      return polygon.covers(other)
          ? IndexedFacetDistance.distance(polygon.getBoundary(), other)
          : -reach(other);
    }

    /** Returns how far the farthest corner outside stands off. */
    private double reach(Geometry other) {
      double farthest = 0;
      for (Coordinate c : other.difference(polygon).getCoordinates()) {
        PointPairDistance distance = new PointPairDistance();
        DistanceToPoint.computeDistance(polygon.getBoundary(), c, distance);
        farthest = Math.max(farthest, distance.getDistance());
      }
      return farthest;
    }

    @Override
    public CrossSection movedBy(double xMm, double yMm) {
      return xMm == 0 && yMm == 0 ? this : new Planar(Planes.moved(polygon, xMm, yMm));
    }
  }
}
