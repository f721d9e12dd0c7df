package ironshelf.core.mould.solid;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.planar.PlanPoint;
import ironshelf.core.mould.planar.Planes;
import ironshelf.core.quantity.Findings;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * An upright prism over any outline, cut from a board with a saw, say. Its area is the planar
 * geometry library's, arcs flattened to 0.1 mm. Refused: fewer corners than close a figure, an
 * outline that crosses or touches itself or encloses nothing.
 *
 * @param points 2 to 5 000, in order round the figure; two only where an arc joins them
 */
public record Outline(List<PlanPoint> points, double heightMm) implements Drawn {

  private static final int MOST_POINTS = 5_000;

  public Outline {
    Findings findings =
        new Findings().list("points", points, MOST_POINTS).length("heightMm", heightMm);
    findings.orRefuse();
    points = List.copyOf(points);
    Polygon figure = Planes.figure(points, "points");
    findings
        .length("points.width", figure.getEnvelopeInternal().getWidth())
        .length("points.depth", figure.getEnvelopeInternal().getHeight())
        .orRefuse();
  }

  private static Polygon figure(List<PlanPoint> points) {
    return Planes.polygon(PlanPoint.flatten(points));
  }

  /** Returns the figure with the middle of its box at the origin. */
  private Geometry centred() {
    return Planes.centred(figure(points));
  }

  @Override
  public double volumeBelowMm3(double zMm) {
    return figure(points).getArea() * level(zMm);
  }

  @Override
  public CrossSection crossSectionAt(double zMm) {
    return new CrossSection.Planar(centred());
  }

  @Override
  public double sideBelowMm2(double zMm) {
    return figure(points).getLength() * level(zMm);
  }

  @Override
  public double draftDeg() {
    return 0;
  }

  @Override
  public List<ProfilePoint> halfSection() {
    double half = figure(points).getEnvelopeInternal().getWidth() / 2;
    return List.of(new ProfilePoint(half, 0), new ProfilePoint(half, heightMm));
  }

  @Override
  public String widthFieldAt(double zMm) {
    return "points";
  }
}
