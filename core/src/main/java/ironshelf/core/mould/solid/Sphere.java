package ironshelf.core.mould.solid;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * A sphere cut off by a level flat at its top, the fill opening. Below a level z: {@code V = pi z^2
 * (3R - z) / 3} (spherical cap; docs/method/moulds.md).
 *
 * @param flatDiameterMm the flat's circle: 0 for a whole sphere, less than the diameter
 */
public record Sphere(double diameterMm, double flatDiameterMm) implements Drawn {

  private static final int PROFILE_STEPS = 48;

  public Sphere {
    new Findings()
        .length("diameterMm", diameterMm)
        .within("flatDiameterMm", flatDiameterMm, 0, Findings.MAX_LENGTH_MM)
        .addIf(
            diameterMm > 0 && flatDiameterMm >= diameterMm,
            FindingCode.FLAT_TOO_WIDE,
            "flatDiameterMm",
            Map.of("value", flatDiameterMm, "diameter", diameterMm))
        .orRefuse();
  }

  private double radiusMm() {
    return diameterMm / 2;
  }

  @Override
  public double heightMm() {
    double flat = flatDiameterMm / 2;
    return radiusMm() + Math.sqrt(radiusMm() * radiusMm() - flat * flat);
  }

  @Override
  public double volumeBelowMm3(double zMm) {
    double z = level(zMm);
    return Math.PI * z * z * (3 * radiusMm() - z) / 3;
  }

  @Override
  public CrossSection crossSectionAt(double zMm) {
    double z = level(zMm);
    return CrossSection.circle(Math.sqrt(Math.max(0, z * (diameterMm - z))));
  }

  /** Returns the zone of a sphere: {@code 2 pi R z}. */
  @Override
  public double sideBelowMm2(double zMm) {
    return Math.PI * diameterMm * level(zMm);
  }

  @Override
  public boolean curved() {
    return true;
  }

  @Override
  public double draftDeg() {
    return -Math.toDegrees(Math.asin((heightMm() - radiusMm()) / radiusMm()));
  }

  /**
   * Points at equal angles from the lowest one up to the flat; the arc between them is not kept.
   */
  @Override
  public List<ProfilePoint> halfSection() {
    double last = Math.acos(Math.max(-1, 1 - heightMm() / radiusMm()));
    return IntStream.rangeClosed(0, PROFILE_STEPS)
        .mapToDouble(i -> last * i / PROFILE_STEPS)
        .mapToObj(a -> new ProfilePoint(radiusMm() * Math.sin(a), radiusMm() * (1 - Math.cos(a))))
        .toList();
  }
}
