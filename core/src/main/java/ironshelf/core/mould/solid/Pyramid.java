package ironshelf.core.mould.solid;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.planar.Planes;
import ironshelf.core.quantity.Findings;
import java.util.List;

/**
 * A tapered box: the frustum of a pyramid whose sides need not taper alike. {@code V = h (A0 + 4 Am
 * + A1) / 6}, the prismatoid rule, exact here (standard geometry; docs/method/moulds.md).
 */
public record Pyramid(
    double topLengthMm, double topWidthMm, double baseLengthMm, double baseWidthMm, double heightMm)
    implements Drawn {

  public Pyramid {
    new Findings()
        .length("topLengthMm", topLengthMm)
        .length("topWidthMm", topWidthMm)
        .length("baseLengthMm", baseLengthMm)
        .length("baseWidthMm", baseWidthMm)
        .length("heightMm", heightMm)
        .orRefuse();
  }

  private double lengthAt(double zMm) {
    return baseLengthMm + (topLengthMm - baseLengthMm) * level(zMm) / heightMm;
  }

  private double widthAt(double zMm) {
    return baseWidthMm + (topWidthMm - baseWidthMm) * level(zMm) / heightMm;
  }

  @Override
  public double volumeBelowMm3(double zMm) {
    double z = level(zMm);
    double middle = lengthAt(z / 2) * widthAt(z / 2);
    return z * (baseLengthMm * baseWidthMm + 4 * middle + lengthAt(z) * widthAt(z)) / 6;
  }

  @Override
  public CrossSection crossSectionAt(double zMm) {
    return new CrossSection.Planar(Planes.rectangle(lengthAt(zMm), widthAt(zMm)));
  }

  /** Two trapezia each way, as tall as their face slopes. */
  @Override
  public double sideBelowMm2(double zMm) {
    double z = level(zMm);
    double alongLength = Math.hypot(z, (widthAt(z) - baseWidthMm) / 2);
    double alongWidth = Math.hypot(z, (lengthAt(z) - baseLengthMm) / 2);
    return (baseLengthMm + lengthAt(z)) * alongLength + (baseWidthMm + widthAt(z)) * alongWidth;
  }

  @Override
  public double draftDeg() {
    double least = Math.min(topLengthMm - baseLengthMm, topWidthMm - baseWidthMm) / 2;
    return Math.toDegrees(Math.atan2(least, heightMm));
  }

  @Override
  public List<ProfilePoint> halfSection() {
    return List.of(
        new ProfilePoint(baseLengthMm / 2, 0), new ProfilePoint(topLengthMm / 2, heightMm));
  }

  @Override
  public String widthFieldAt(double zMm) {
    return zMm > heightMm / 2 ? "topWidthMm" : "baseWidthMm";
  }
}
