package ironshelf.core.mould;

/**
 * The narrowest place between a cavity and its centred core.
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

  static Wall between(Solid cavity, Solid core, double liftMm, double depthMm) {
    Wall narrowest = null;
    // Straight walls have their least gap at an end, curved ones in between: 512 levels miss the
    // least gap of two spheres by less than 1e-4 of it.
    for (int i = 0; i <= STEPS; i++) {
      double z = depthMm * i / STEPS;
      double gap = cavity.crossSectionAt(liftMm + z).gapTo(core.crossSectionAt(z));
      if (narrowest == null || gap < narrowest.gapMm) {
        narrowest = new Wall(gap, liftMm + z);
      }
    }
    return narrowest;
  }
}
