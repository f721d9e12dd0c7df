package ironshelf.core.mould;

import java.util.List;

/**
 * A shape that a mould's cavity, its core or an insert has. It stands on z = 0 with its opening up;
 * its axis is upright. Lengths in mm, over 0 and up to 10 000; anything else, NaN included, is
 * refused when the solid is made.
 */
public sealed interface Solid permits Box, Cylinder, Cone, Sphere {

  double heightMm();

  /**
   * The volume below a level, in mm3. Exact formula of each kind.
   *
   * @param zMm taken as 0 where it is less and as the height where it is more
   */
  double volumeBelowMm3(double zMm);

  /** The level cut at a height from 0 to {@link #heightMm}. */
  CrossSection crossSectionAt(double zMm);

  /** The area of the side below a level, in mm2, floor and opening not counted. */
  double sideBelowMm2(double zMm);

  /**
   * The least lean of the wall outwards against the upright, in degrees: 0 for an upright wall,
   * negative where the shape closes over what is in it.
   */
  double draftDeg();

  /** The right half of the upright cut along the axis: distance from the axis against height. */
  List<ProfilePoint> profile();

  /** The whole volume in litres. */
  default double volumeL() {
    return volumeBelowMm3(heightMm()) / MM3_PER_LITRE;
  }

  double MM3_PER_LITRE = 1e6;

  /** One point of a half profile, in mm. */
  record ProfilePoint(double rMm, double zMm) {}
}
