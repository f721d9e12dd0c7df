package ironshelf.core.mould.starting;

import ironshelf.core.mould.MouldShape;
import ironshelf.core.mould.solid.Box;
import ironshelf.core.mould.solid.Cone;
import ironshelf.core.mould.solid.Cylinder;
import ironshelf.core.mould.solid.Revolved;
import ironshelf.core.mould.starting.StartingShape.Given;
import ironshelf.core.mould.starting.StartingShape.Part;
import java.util.ArrayList;
import java.util.List;

/** Moulds of vessels: an outer shape and a core that leaves the inside. */
final class Vessels {

  private static final int STEPS = 24;

  /** Where a turned vase is widest and narrowest, as shares of its height (common practice). */
  private static final double BELLY_AT = 0.42;

  private static final double NECK_AT = 0.86;

  private Vessels() {}

  static List<Part> pot(Given m) {
    double height = m.get("heightMm");
    return one(
        MouldShape.of(
            new Cone(m.get("topMm"), m.get("bottomMm"), height),
            StartingShape.core(
                () ->
                    new Cone(m.get("innerTopMm"), m.get("innerBaseMm"), height - m.get("baseMm"))),
            m.get("baseMm")));
  }

  /** Returns the cup, and the lid that lies on its rim, cast from the same mix. */
  static List<Part> cupWithLid(Given m) {
    return List.of(
        pot(m).get(0),
        new Part("lid", MouldShape.of(new Cylinder(m.get("topMm"), m.get("lidMm")), null, 0)));
  }

  static List<Part> box(Given m) {
    double wall = m.get("wallMm");
    return one(
        MouldShape.of(
            new Box(m.get("lengthMm"), m.get("widthMm"), m.get("heightMm")),
            StartingShape.core(
                () ->
                    new Box(
                        m.get("lengthMm") - 2 * wall,
                        m.get("widthMm") - 2 * wall,
                        m.get("heightMm") - m.get("baseMm"))),
            m.get("baseMm")));
  }

  static List<Part> bowl(Given m) {
    double height = m.get("heightMm");
    double wall = m.get("wallMm");
    double rim = m.get("topMm") / 2;
    double foot = m.get("footMm") / 2;
    return one(
        MouldShape.of(
            rounded(foot, rim, height),
            StartingShape.core(
                () -> rounded(Math.max(1, foot - wall), rim - wall, height - m.get("baseMm"))),
            m.get("baseMm")));
  }

  /** From a flat foot in a quarter of an ellipse up to the rim. */
  private static Revolved rounded(double foot, double rim, double height) {
    List<Revolved.Turn> profile = new ArrayList<>(List.of(new Revolved.Turn(0, 0)));
    for (int i = 0; i <= STEPS; i++) {
      double angle = Math.PI / 2 * i / STEPS;
      profile.add(
          new Revolved.Turn(
              foot + (rim - foot) * Math.sin(angle),
              i == STEPS ? height : height * (1 - Math.cos(angle))));
    }
    profile.add(new Revolved.Turn(0, height));
    return new Revolved(profile);
  }

  static List<Part> vase(Given m) {
    double height = m.get("heightMm");
    return one(
        MouldShape.of(
            turned(m.get("footMm") / 2, m.get("bellyMm") / 2, m.get("neckMm") / 2, height),
            StartingShape.core(() -> new Cylinder(m.get("boreMm"), height - m.get("baseMm"))),
            m.get("baseMm")));
  }

  private static Revolved turned(double foot, double belly, double neck, double height) {
    List<Revolved.Turn> profile = new ArrayList<>(List.of(new Revolved.Turn(0, 0)));
    for (int i = 0; i <= STEPS; i++) {
      double at = (double) i / STEPS;
      double r =
          at < BELLY_AT
              ? eased(foot, belly, at / BELLY_AT)
              : at < NECK_AT
                  ? eased(belly, neck, (at - BELLY_AT) / (NECK_AT - BELLY_AT))
                  : eased(neck, neck * 1.08, (at - NECK_AT) / (1 - NECK_AT));
      profile.add(new Revolved.Turn(r, height * at));
    }
    profile.add(new Revolved.Turn(0, height));
    return new Revolved(profile);
  }

  private static double eased(double from, double to, double share) {
    return from + (to - from) * (1 - Math.cos(Math.PI * share)) / 2;
  }

  private static List<Part> one(MouldShape shape) {
    return List.of(new Part("", shape));
  }
}
