package ironshelf.core.plan.search;

import ai.timefold.solver.core.api.score.buildin.bendablelong.BendableLongScore;
import ai.timefold.solver.core.api.score.stream.Constraint;
import ai.timefold.solver.core.api.score.stream.ConstraintFactory;
import ai.timefold.solver.core.api.score.stream.ConstraintProvider;
import ironshelf.core.plan.Outcome;
import java.util.function.ToLongFunction;

/**
 * The rules of a plan by name, the weightiest first (handbook 2-5). Gates and opening hours cannot
 * be broken by what the forward pass lays; copies, hands and stations are counted again all the
 * same.
 */
public class PlanRules implements ConstraintProvider {

  static final String ONE_CAST_A_COPY = "one cast in a copy at a time";
  static final String NO_MORE_HANDS = "no more hands than people";
  static final String STATIONS_HOLD = "stations hold what they hold";
  static final String LATE_DAYS = "late days by weight";
  static final String DARK_TO_LIGHT = "light before dark";
  static final String IDLE_BINDER = "opened binder not idle";
  static final String EARLY = "ready early";

  private static final int HARD = -1;
  private static final double SCALE = 1_000;

  @Override
  public Constraint[] defineConstraints(ConstraintFactory factory) {
    return new Constraint[] {
      rule(factory, ONE_CAST_A_COPY, HARD, o -> o.breaches().copies()),
      rule(factory, NO_MORE_HANDS, HARD, o -> o.breaches().hands()),
      rule(factory, STATIONS_HOLD, HARD, o -> o.breaches().stations()),
      rule(factory, LATE_DAYS, 0, o -> Math.round(o.lateDays() * SCALE)),
      rule(factory, DARK_TO_LIGHT, 1, Outcome::darkToLight),
      rule(factory, IDLE_BINDER, 2, Outcome::idleBinderDays),
      rule(factory, EARLY, 3, Outcome::readyHours)
    };
  }

  private static Constraint rule(
      ConstraintFactory factory, String name, int softLevel, ToLongFunction<Outcome> amount) {
    return factory
        .forEach(PlanQueue.class)
        .penalizeLong(level(softLevel), queue -> amount.applyAsLong(queue.outcome()))
        .asConstraint(name);
  }

  private static BendableLongScore level(int soft) {
    return soft == HARD
        ? BendableLongScore.ofHard(PlanOrder.HARD_LEVELS, PlanOrder.SOFT_LEVELS, 0, 1)
        : BendableLongScore.ofSoft(PlanOrder.HARD_LEVELS, PlanOrder.SOFT_LEVELS, soft, 1);
  }
}
