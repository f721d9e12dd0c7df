package ironshelf.core.mould.solid;

import ironshelf.core.mould.planar.CrossSection;
import java.util.List;

/**
 * A solid known in all its measures. It stands on z = 0 with its opening up; its axis is upright,
 * through the middle of its box. Lengths in mm, over 0 and up to 10 000; anything else, NaN
 * included, is refused when the solid is made.
 */
public sealed interface Drawn extends Solid
    permits Box, Cone, Cylinder, MeshSolid, Outline, PolygonPrism, Pyramid, Revolved, Sphere {

  double heightMm();

  /**
   * Returns the volume below a level, in mm3. Exact formula of each kind.
   *
   * @param zMm taken as 0 where it is less and as the height where it is more
   */
  double volumeBelowMm3(double zMm);

  /** Returns the level cut at a height from 0 to {@link #heightMm}. */
  CrossSection crossSectionAt(double zMm);

  /** Returns the area of the side below a level, in mm2, floor and opening not counted. */
  double sideBelowMm2(double zMm);

  /**
   * Returns the least lean of the wall outwards against the upright, in degrees: 0 for an upright
   * wall, negative where the shape closes over what is in it.
   */
  double draftDeg();

  /**
   * Returns the right half of the upright cut along the axis: distance from the axis against
   * height.
   */
  List<ProfilePoint> halfSection();

  @Override
  default double litres() {
    return volumeBelowMm3(heightMm()) / MM3_PER_LITRE;
  }

  /** Returns a level no lower than the floor and no higher than the rim. */
  default double level(double zMm) {
    return Math.max(0, Math.min(zMm, heightMm()));
  }

  /** Returns the heights at which its sides bend or step, floor and rim among them. */
  default List<Double> bendsMm() {
    return List.of(0.0, heightMm());
  }

  /** Tests whether its sides curve between their bends, where others run straight. */
  default boolean curved() {
    return false;
  }

  /** Returns the name of the field to speak of when the solid is too wide at a level. */
  default String widthFieldAt(double zMm) {
    return "diameterMm";
  }
}
