package ironshelf.core.mould;

import ironshelf.core.mould.solid.Drawn;
import java.util.List;
import java.util.TreeSet;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import org.hipparchus.optim.univariate.UnivariatePointValuePair;

/**
 * The narrowest place between a cavity and a core in it.
 *
 * <p>The gap is measured level, not square to the face: for a wall leaning 7.6 degrees (20 mm in
 * 150) that overstates the square thickness by 0.9 %. It is looked for over the whole immersed
 * height. Where both sides run straight between two bends, the gap there is the least of linear
 * functions of height, so it is least at a bend of either; on both sides of it, since a profile may
 * step. Where one of them curves, 512 levels are looked at besides and the least is closed in on to
 * a micrometre of height.
 *
 * @param gapMm the gap there; negative where the core reaches through the wall
 * @param atMm its height above the cavity's floor
 */
public record Wall(double gapMm, double atMm) {

  private static final int STEPS = 512;

  /** What is nearer than this touches, in mm. */
  static final double TOUCH_MM = 1e-6;

  /** How far off a bend its two sides are looked at, as a share of the depth. */
  private static final double BESIDE = 1e-9;

  private static final double CLOSE_MM = 1e-3;
  private static final int MOST_TRIES = 200;

  /** Tests whether there is no wall at all, because the core reaches the cavity's side. */
  boolean touches() {
    return gapMm <= TOUCH_MM;
  }

  static Wall between(Drawn cavity, PlacedCore core) {
    double depth = core.depthMm(cavity.heightMm());
    double foot = core.liftMm();
    TreeSet<Double> levels = new TreeSet<>(List.of(foot, foot + depth));
    cavity.bendsMm().forEach(z -> addBothSides(levels, z, foot, depth));
    core.solid().bendsMm().forEach(z -> addBothSides(levels, foot + z, foot, depth));
    boolean curved = cavity.curved() || core.solid().curved();
    for (int i = 1; curved && i < STEPS; i++) {
      levels.add(foot + depth * i / STEPS);
    }
    Wall narrowest = at(cavity, core, foot);
    for (double z : levels.tailSet(foot, false)) {
      Wall here = at(cavity, core, z);
      narrowest = here.gapMm < narrowest.gapMm ? here : narrowest;
    }
    return curved ? closedIn(cavity, core, narrowest, levels) : narrowest;
  }

  private static void addBothSides(TreeSet<Double> levels, double bend, double foot, double depth) {
    for (double z : List.of(bend - BESIDE * depth, bend, bend + BESIDE * depth)) {
      if (z >= foot && z <= foot + depth) {
        levels.add(z);
      }
    }
  }

  private static Wall at(Drawn cavity, PlacedCore core, double z) {
    return new Wall(cavity.crossSectionAt(z).gapTo(core.crossSectionAt(z)), z);
  }

  /** Returns the least between the levels beside the least one found. */
  private static Wall closedIn(Drawn cavity, PlacedCore core, Wall found, TreeSet<Double> levels) {
    Double below = levels.lower(found.atMm);
    Double above = levels.higher(found.atMm);
    double low = below == null ? found.atMm : below;
    double high = above == null ? found.atMm : above;
    if (!(high > low)) {
      return found;
    }
    UnivariatePointValuePair least =
        new BrentOptimizer(1e-9, CLOSE_MM)
            .optimize(
                new MaxEval(MOST_TRIES),
                GoalType.MINIMIZE,
                new SearchInterval(low, high),
                new UnivariateObjectiveFunction(z -> at(cavity, core, z).gapMm));
    return least.getValue() < found.gapMm ? new Wall(least.getValue(), least.getPoint()) : found;
  }
}
