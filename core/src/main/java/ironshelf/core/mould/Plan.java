package ironshelf.core.mould;

import ironshelf.core.mould.solid.Drawn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/**
 * A mould seen from above, its rim and the cores at the rim, for drawing and cutting to scale.
 *
 * @param cavity the rim's outlines in mm, counter-clockwise or not; empty where it was measured
 */
public record Plan(List<List<Corner>> cavity, List<List<Corner>> cores) {

  /** A corner in mm. */
  public record Corner(double xMm, double yMm) {}

  public static Plan of(MouldShape shape) {
    Drawn cavity = shape.drawnCavity();
    if (cavity == null) {
      return new Plan(List.of(), List.of());
    }
    double rim = cavity.heightMm();
    List<List<Corner>> cores = new ArrayList<>();
    for (PlacedCore core : shape.allCores()) {
      double z = Math.min(rim, core.liftMm() + core.solid().heightMm());
      cores.addAll(rings(core.crossSectionAt(z).polygon()));
    }
    return new Plan(rings(widest(cavity).polygon()), cores);
  }

  /** A closed sphere has no opening: its widest level says more than its rim. */
  private static ironshelf.core.mould.planar.CrossSection widest(Drawn cavity) {
    var atRim = cavity.crossSectionAt(cavity.heightMm());
    var halfWay = cavity.crossSectionAt(cavity.heightMm() / 2);
    return atRim.areaMm2() >= halfWay.areaMm2() / 2 ? atRim : halfWay;
  }

  private static List<List<Corner>> rings(Geometry figure) {
    List<List<Corner>> rings = new ArrayList<>();
    for (int i = 0; i < figure.getNumGeometries(); i++) {
      Geometry boundary = figure.getGeometryN(i).getBoundary();
      for (int k = 0; k < boundary.getNumGeometries(); k++) {
        Coordinate[] all = boundary.getGeometryN(k).getCoordinates();
        rings.add(Arrays.stream(all, 0, all.length - 1).map(c -> new Corner(c.x, c.y)).toList());
      }
    }
    return rings;
  }
}
