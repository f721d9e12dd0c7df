package ironshelf.core.plan.search;

import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.Objective;
import ironshelf.core.plan.schedule.Job;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import java.util.ArrayList;
import java.util.List;

/**
 * What a search starts from: the best of a plan made before, orders by dates and slack, each
 * mould's best sequence, and, where casts are mixed together, of several rules of dispatching.
 */
record Start(List<Job> jobs, Objective objective) {

  static Start of(ScheduleBuilder builder, List<PlannedCast> before) {
    Start best = before.isEmpty() ? null : of(builder.asIn(before), builder);
    boolean kept = best != null;
    for (List<Job> jobs : fresh(builder)) {
      Start other = of(jobs, builder);
      // A plan that people know is given up for fewer late days only.
      boolean better =
          best == null
              || (kept
                  ? other.objective.isLessLateThan(best.objective)
                  : other.objective.compareTo(best.objective) < 0);
      if (better) {
        best = other;
        kept = false;
      }
    }
    return best;
  }

  private static Start of(List<Job> jobs, ScheduleBuilder builder) {
    return new Start(List.copyOf(jobs), builder.outcome(jobs));
  }

  private static List<List<Job>> fresh(ScheduleBuilder builder) {
    List<List<Job>> all = new ArrayList<>(List.of(builder.usual()));
    all.addAll(builder.others());
    all.add(builder.byTurns());
    if (builder.mixes()) {
      for (int rule = 0; rule < builder.rules(); rule++) {
        all.add(builder.dispatched(rule));
      }
    }
    return all;
  }
}
