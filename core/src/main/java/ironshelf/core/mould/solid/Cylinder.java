package ironshelf.core.mould.solid;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.quantity.Findings;
import java.util.List;

/** An upright cylinder. {@code V = pi r^2 h}. */
public record Cylinder(double diameterMm, double heightMm) implements Drawn {

  public Cylinder {
    new Findings().length("diameterMm", diameterMm).length("heightMm", heightMm).orRefuse();
  }

  @Override
  public double volumeBelowMm3(double zMm) {
    return crossSectionAt(zMm).areaMm2() * level(zMm);
  }

  @Override
  public CrossSection crossSectionAt(double zMm) {
    return CrossSection.circle(diameterMm / 2);
  }

  @Override
  public double sideBelowMm2(double zMm) {
    return Math.PI * diameterMm * level(zMm);
  }

  @Override
  public double draftDeg() {
    return 0;
  }

  @Override
  public List<ProfilePoint> halfSection() {
    return List.of(new ProfilePoint(diameterMm / 2, 0), new ProfilePoint(diameterMm / 2, heightMm));
  }
}
