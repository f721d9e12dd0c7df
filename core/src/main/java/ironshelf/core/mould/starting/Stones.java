package ironshelf.core.mould.starting;

import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.PlacedCore;
import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Measured;
import ironshelf.core.mould.solid.PolygonPrism;
import ironshelf.core.mould.solid.Solid;
import ironshelf.core.mould.solid.Sphere;
import ironshelf.core.mould.starting.StartingShape.Given;
import ironshelf.core.mould.starting.StartingShape.Part;
import java.util.List;

/** Moulds of fitness stones, and of what is only measured. */
final class Stones {

  private Stones() {}

  static List<Part> sphere(Given m) {
    return one(MouldShape.of(new Sphere(m.get("diameterMm"), m.get("openingMm")), null, 0));
  }

  static List<Part> plate(Given m) {
    double height = m.get("heightMm");
    return one(
        new MouldShape(
            new Cylinder(m.get("diameterMm"), height),
            null,
            0,
            0,
            List.of(),
            1,
            List.of(new PlacedCore(new Cylinder(m.get("boreMm"), height), 0, 0, 0)),
            List.of()));
  }

  /** One head; its mould is filled twice for a hand weight. */
  static List<Part> head(Given m) {
    return one(
        new MouldShape(
            new PolygonPrism(6, m.get("flatsMm"), m.get("heightMm")),
            null,
            0,
            0,
            List.of(new Cylinder(m.get("barMm"), m.get("letInMm"))),
            1,
            List.of(),
            List.of()));
  }

  static List<Part> byWater(Given m) {
    return measured(Measured.of(Measured.How.WATER_FILL, m.get("waterKg"), 1_000), m);
  }

  static List<Part> byDryMix(Given m) {
    return measured(new Measured(m.get("dryKg") / m.dryKgPerL(), Measured.How.DRY_MIX_FILL), m);
  }

  private static List<Part> measured(Solid cavity, Given m) {
    double inner = m.get("innerL");
    return one(
        new MouldShape(
            cavity, null, 0, 0, List.of(), 1, List.of(), List.of(), inner > 0 ? inner : null));
  }

  private static List<Part> one(MouldShape shape) {
    return List.of(new Part("", shape));
  }
}
