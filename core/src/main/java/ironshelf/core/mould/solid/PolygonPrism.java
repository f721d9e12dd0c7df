package ironshelf.core.mould.solid;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.planar.Planes;
import ironshelf.core.quantity.Findings;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;

/**
 * An upright prism over a regular polygon. {@code A = n a^2 tan(pi / n)}, a half the width across
 * flats (standard geometry).
 *
 * @param sides 3 to 60
 * @param acrossFlatsMm the diameter of the circle that touches every side from within; between two
 *     sides that face each other where their number is even
 */
public record PolygonPrism(int sides, double acrossFlatsMm, double heightMm) implements Drawn {

  public PolygonPrism {
    new Findings()
        .within("sides", sides, 3, 60)
        .length("acrossFlatsMm", acrossFlatsMm)
        .length("heightMm", heightMm)
        .orRefuse();
  }

  private double areaMm2() {
    return sides * acrossFlatsMm * acrossFlatsMm / 4 * Math.tan(Math.PI / sides);
  }

  @Override
  public double volumeBelowMm3(double zMm) {
    return areaMm2() * level(zMm);
  }

  /** Upright about the axis: on a flat, or on a corner where the number of sides is odd. */
  @Override
  public CrossSection crossSectionAt(double zMm) {
    double corner = acrossFlatsMm / 2 / Math.cos(Math.PI / sides);
    return new CrossSection.Planar(
        Planes.polygon(
            IntStream.range(0, sides)
                .mapToDouble(i -> Math.PI * (2 * i + 1 - sides % 2) / sides - Math.PI / 2)
                .mapToObj(a -> new Coordinate(corner * Math.cos(a), corner * Math.sin(a)))
                .toList()));
  }

  @Override
  public double sideBelowMm2(double zMm) {
    return sides * acrossFlatsMm * Math.tan(Math.PI / sides) * level(zMm);
  }

  @Override
  public double draftDeg() {
    return 0;
  }

  @Override
  public List<ProfilePoint> halfSection() {
    double half = crossSectionAt(0).polygon().getEnvelopeInternal().getWidth() / 2;
    return List.of(new ProfilePoint(half, 0), new ProfilePoint(half, heightMm));
  }

  @Override
  public String widthFieldAt(double zMm) {
    return "acrossFlatsMm";
  }
}
