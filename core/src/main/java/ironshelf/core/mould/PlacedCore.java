package ironshelf.core.mould;

import ironshelf.core.mould.planar.CrossSection;
import ironshelf.core.mould.solid.Drawn;
import ironshelf.core.mould.solid.Solid;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;

/**
 * A further core, a bore plug or a spacer: a solid with its place in the cavity.
 *
 * @param liftMm its own floor over the cavity's; 0 for a plug that stands on it
 * @param massKg its own, 0 to 5 000
 * @param xMm off the cavity's axis, likewise {@code yMm}
 */
public record PlacedCore(
    Drawn solid,
    @WhenMissing("0") double liftMm,
    @WhenMissing("0") double xMm,
    @WhenMissing("0") double yMm,
    @WhenMissing("0") double massKg) {

  public PlacedCore {
    liftMm = Double.isNaN(liftMm) ? 0 : liftMm;
    xMm = Double.isNaN(xMm) ? 0 : xMm;
    yMm = Double.isNaN(yMm) ? 0 : yMm;
    massKg = Double.isNaN(massKg) ? 0 : massKg;
    double most = Findings.MAX_LENGTH_MM;
    new Findings()
        .present("solid", solid)
        .within("liftMm", liftMm, 0, most)
        .within("xMm", xMm, -most, most)
        .within("yMm", yMm, -most, most)
        .within("massKg", massKg, 0, Findings.MAX_MASS_KG)
        .orRefuse();
  }

  /** One without a mass of its own. */
  public PlacedCore(Drawn solid, double liftMm, double xMm, double yMm) {
    this(solid, liftMm, xMm, yMm, 0);
  }

  /** Tests whether it stands on the floor, so that no mix gets under it and nothing lifts it. */
  boolean standsOnFloor() {
    return !(liftMm > 0);
  }

  /** Tests whether it leaves a hole through the piece. */
  boolean isThrough(double cavityHeightMm) {
    return standsOnFloor() && solid.heightMm() >= cavityHeightMm;
  }

  /** Returns what it displaces in a cavity of that height, in litres. */
  double displacedL(double cavityHeightMm) {
    return solid.volumeBelowMm3(depthMm(cavityHeightMm)) / Solid.MM3_PER_LITRE;
  }

  /** Returns how deep it stands in a cavity of that height. */
  double depthMm(double cavityHeightMm) {
    return Math.max(0, Math.min(solid.heightMm(), cavityHeightMm - liftMm));
  }

  /** Its level cut at a height over the cavity's floor. */
  CrossSection crossSectionAt(double zMm) {
    return solid.crossSectionAt(zMm - liftMm).movedBy(xMm, yMm);
  }
}
