package ironshelf.core.plan.search;

import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.Objective;
import ironshelf.core.plan.schedule.Job;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * The list of jobs that a search starts from: the best of an earlier plan, orders by dates and by
 * slack, the best sequences of the moulds and, where casts are mixed together, dispatching rules.
 */
record Start(List<Job> jobs, Objective objective) {

  private static final Comparator<Start> BEST = Comparator.comparing(Start::objective);

  private static final Comparator<Start> LEAST_LATE =
      Comparator.comparingDouble((Start s) -> s.objective.promisedLate())
          .thenComparingDouble(s -> s.objective.lateDays())
          .thenComparing(BEST);

  /** A plan that people know is given up only for one that is clearly better. */
  static Start of(ScheduleBuilder builder, List<PlannedCast> before) {
    Start fresh = fresh(builder);
    if (before.isEmpty()) {
      return fresh;
    }
    Start known = of(builder.asIn(before), builder);
    return known.objective.isWorthGivingUpFor(fresh.objective) ? fresh : known;
  }

  private static Start of(List<Job> jobs, ScheduleBuilder builder) {
    return new Start(List.copyOf(jobs), builder.outcome(jobs));
  }

  private static Start fresh(ScheduleBuilder builder) {
    List<List<Job>> orders = new ArrayList<>(List.of(builder.usual()));
    orders.addAll(builder.others());
    orders.add(builder.byTurns());
    if (builder.mixes()) {
      for (int rule = 0; rule < builder.rules(); rule++) {
        orders.add(builder.dispatched(rule));
      }
    }
    List<Start> all = orders.stream().map(jobs -> of(jobs, builder)).toList();
    Start best = all.stream().min(BEST).orElseThrow();
    Start leastLate = all.stream().min(LEAST_LATE).orElseThrow();
    return Stream.of(best, leastLate)
        .distinct()
        .map(s -> of(Merging.merged(builder, s.jobs, s.objective), builder))
        .min(BEST)
        .orElseThrow();
  }
}
