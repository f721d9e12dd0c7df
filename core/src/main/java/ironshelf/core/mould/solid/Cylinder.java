package ironshelf.core.mould;

import ironshelf.core.quantity.Findings;
import java.util.List;

/** An upright cylinder. {@code V = pi r^2 h}. */
public record Cylinder(double diameterMm, double heightMm) implements Solid {

  public Cylinder {
    new Findings().length("diameterMm", diameterMm).length("heightMm", heightMm).orRefuse();
  }

  @Override
  public double volumeBelowMm3(double zMm) {
    return crossSectionAt(zMm).areaMm2() * Levels.clamp(zMm, heightMm);
  }

  @Override
  public CrossSection crossSectionAt(double zMm) {
    return new CrossSection.Circle(diameterMm / 2);
  }

  @Override
  public double sideBelowMm2(double zMm) {
    return Math.PI * diameterMm * Levels.clamp(zMm, heightMm);
  }

  @Override
  public double draftDeg() {
    return 0;
  }

  @Override
  public List<ProfilePoint> profile() {
    return List.of(new ProfilePoint(diameterMm / 2, 0), new ProfilePoint(diameterMm / 2, heightMm));
  }
}
