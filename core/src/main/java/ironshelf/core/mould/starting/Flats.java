package ironshelf.core.mould.starting;

import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.PlacedCore;
import ironshelf.core.mould.planar.ReadyOutline;
import ironshelf.core.mould.solid.Box;
import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Outline;
import ironshelf.core.mould.solid.Sheet;
import ironshelf.core.mould.starting.StartingShape.Given;
import ironshelf.core.mould.starting.StartingShape.Part;
import java.util.ArrayList;
import java.util.List;

/** Moulds of what lies flat: trays, pavers, boards, cloth. */
final class Flats {

  /** Of a board's foot sockets: how deep, and how far in from the edges (common practice). */
  private static final double SOCKET_MM = 8;

  private static final double INSET_SHARE = 0.12;

  private Flats() {}

  static List<Part> slab(Given m) {
    return one(
        MouldShape.of(new Box(m.get("lengthMm"), m.get("widthMm"), m.get("heightMm")), null, 0));
  }

  static List<Part> paver(Given m) {
    ReadyOutline outline =
        new ReadyOutline.RoundedRectangle(m.get("lengthMm"), m.get("widthMm"), m.get("cornerMm"));
    return one(MouldShape.of(new Outline(outline.points(), m.get("heightMm")), null, 0));
  }

  /** Poured face down: a plug for the hole to hang it by, four sockets for feet in its back. */
  static List<Part> board(Given m) {
    double height = m.get("heightMm");
    double length = m.get("lengthMm");
    double width = m.get("widthMm");
    double hole = m.get("plugMm");
    double foot = m.get("footMm");
    double inset = INSET_SHARE * Math.min(length, width) + foot / 2;
    List<PlacedCore> plugs = new ArrayList<>();
    plugs.add(new PlacedCore(new Cylinder(hole, height), 0, length / 2 - 1.5 * hole, 0));
    double depth = Math.min(SOCKET_MM, height / 2);
    for (int[] corner : new int[][] {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}}) {
      double x = corner[0] * (length / 2 - inset) - (corner[0] > 0 ? 2 * hole : 0);
      plugs.add(
          new PlacedCore(
              new Cylinder(foot, depth), height - depth, x, corner[1] * (width / 2 - inset)));
    }
    return one(
        new MouldShape(new Box(length, width, height), null, 0, 0, List.of(), 1, plugs, List.of()));
  }

  static List<Part> cloth(Given m) {
    return one(
        MouldShape.of(
            new Sheet(m.get("lengthMm") * m.get("widthMm") / 1e6, m.get("heightMm")), null, 0));
  }

  private static List<Part> one(MouldShape shape) {
    return List.of(new Part("", shape));
  }
}
