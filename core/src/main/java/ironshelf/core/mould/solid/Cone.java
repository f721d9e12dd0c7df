package ironshelf.core.mould.solid;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.quantity.Findings;
import java.util.List;

/**
 * A tapered round pot: the frustum of a cone. {@code V = pi h (R^2 + R r + r^2) / 3} (standard
 * geometry; docs/method/moulds.md).
 */
public record Cone(double topDiameterMm, double baseDiameterMm, double heightMm) implements Drawn {

  public Cone {
    new Findings()
        .length("topDiameterMm", topDiameterMm)
        .length("baseDiameterMm", baseDiameterMm)
        .length("heightMm", heightMm)
        .orRefuse();
  }

  private double radiusAt(double zMm) {
    double share = level(zMm) / heightMm;
    return (baseDiameterMm + (topDiameterMm - baseDiameterMm) * share) / 2;
  }

  @Override
  public double volumeBelowMm3(double zMm) {
    double low = baseDiameterMm / 2;
    double high = radiusAt(zMm);
    return Math.PI * level(zMm) * (high * high + high * low + low * low) / 3;
  }

  @Override
  public CrossSection crossSectionAt(double zMm) {
    return CrossSection.circle(radiusAt(zMm));
  }

  @Override
  public String widthFieldAt(double zMm) {
    return zMm > heightMm / 2 ? "topDiameterMm" : "baseDiameterMm";
  }

  @Override
  public double sideBelowMm2(double zMm) {
    double low = baseDiameterMm / 2;
    double high = radiusAt(zMm);
    return Math.PI * (low + high) * Math.hypot(high - low, level(zMm));
  }

  @Override
  public double draftDeg() {
    return Math.toDegrees(Math.atan2((topDiameterMm - baseDiameterMm) / 2, heightMm));
  }

  @Override
  public List<ProfilePoint> halfSection() {
    return List.of(
        new ProfilePoint(baseDiameterMm / 2, 0), new ProfilePoint(topDiameterMm / 2, heightMm));
  }
}
