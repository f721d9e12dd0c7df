package ironshelf.core.mould;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;

/**
 * A further core, a bore plug or a spacer: a solid with its place in the cavity.
 *
 * @param liftMm its own floor over the cavity's; 0 for a plug that stands on it
 * @param xMm off the cavity's axis, likewise {@code yMm}
 */
public record PlacedCore(
    Drawn solid,
    @WhenMissing("0") double liftMm,
    @WhenMissing("0") double xMm,
    @WhenMissing("0") double yMm) {

  public PlacedCore {
    liftMm = Double.isNaN(liftMm) ? 0 : liftMm;
    xMm = Double.isNaN(xMm) ? 0 : xMm;
    yMm = Double.isNaN(yMm) ? 0 : yMm;
    double most = Findings.MAX_LENGTH_MM;
    new Findings()
        .present("solid", solid)
        .within("liftMm", liftMm, 0, most)
        .within("xMm", xMm, -most, most)
        .within("yMm", yMm, -most, most)
        .orRefuse();
  }

  /** How deep it stands in a cavity of that height. */
  double depthMm(double cavityHeightMm) {
    return Math.max(0, Math.min(solid.heightMm(), cavityHeightMm - liftMm));
  }

  /** Its level cut at a height over the cavity's floor. */
  CrossSection crossSectionAt(double zMm) {
    return solid.crossSectionAt(zMm - liftMm).movedBy(xMm, yMm);
  }
}
