package ironshelf.core.mould;

import ironshelf.core.mould.solid.Drawn;

/** The areas that are cast against or struck off. Inserts are not counted. */
final class MouldFaces {

  private static final double NEXT_TO_NOTHING = 1e-9;

  private MouldFaces() {}

  static MouldResult.Surface of(MouldShape shape, Drawn cavity) {
    double height = cavity.heightMm();
    double outside = cavity.crossSectionAt(0).areaMm2() + cavity.sideBelowMm2(height);
    double inside = 0;
    double rim = cavity.crossSectionAt(height).areaMm2();
    for (PlacedCore core : shape.allCores()) {
      double depth = core.depthMm(height);
      inside += core.solid().sideBelowMm2(depth);
      // A lifted core's floor is cast against; one that stands on the floor leaves a hole in it.
      double coreFloor = core.solid().crossSectionAt(0).areaMm2();
      if (core.liftMm() > 0) {
        inside += coreFloor;
      } else {
        outside -= coreFloor;
      }
      if (core.liftMm() + core.solid().heightMm() >= height - NEXT_TO_NOTHING) {
        rim -= core.solid().crossSectionAt(depth).areaMm2();
      } else {
        inside += core.solid().crossSectionAt(depth).areaMm2();
      }
    }
    double toM2 = shape.cavities() / 1e6;
    return new MouldResult.Surface(outside * toM2, inside * toM2, rim * toM2);
  }
}
