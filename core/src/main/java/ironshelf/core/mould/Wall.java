package ironshelf.core.mould;

import ironshelf.core.mould.solid.Drawn;

/**
 * The narrowest place between a cavity and a core in it.
 *
 * <p>The gap is measured level, not square to the face: for a wall leaning 7.6 degrees (20 mm in
 * 150) that overstates the square thickness by 0.9 %. It is looked for over the whole immersed
 * height, because a core steeper than its cavity thins the rim and a flatter one the foot.
 *
 * @param gapMm the gap there; negative where the core reaches through the wall
 * @param atMm its height above the cavity's floor
 */
public record Wall(double gapMm, double atMm) {

  private static final int STEPS = 512;

  /** What is nearer than this touches, in mm. */
  static final double TOUCH_MM = 1e-6;

  /** Whether there is no wall at all, because the core reaches the cavity's side. */
  boolean touches() {
    return gapMm <= TOUCH_MM;
  }

  static Wall between(Drawn cavity, PlacedCore core) {
    double depth = core.depthMm(cavity.heightMm());
    Wall narrowest = null;
    // Between straight sides the gap is the least of linear functions of height, so it is least at
    // an end. Between curved ones 512 levels miss the least gap of two spheres by under 1e-4 of it.
    int steps = cavity.straight() && core.solid().straight() ? 1 : STEPS;
    for (int i = 0; i <= steps; i++) {
      double z = core.liftMm() + depth * i / steps;
      double gap = cavity.crossSectionAt(z).gapTo(core.crossSectionAt(z));
      if (narrowest == null || gap < narrowest.gapMm) {
        narrowest = new Wall(gap, z);
      }
    }
    return narrowest;
  }
}
