package ironshelf.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.CastPlan.PlanBatch;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.Visit;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;

/** Works out from a plan's casts and mixes alone what the plan says that it comes to. */
record FigureChecker(PlanRequest request, CastPlan plan) {

  void check(String seed) {
    Map<String, LocalDate> ready = new HashMap<>();
    long lateWork = 0;
    long setups = 0;
    for (PlannedCast cast : plan.casts()) {
      ready.merge(cast.order(), cast.readyAt().toLocalDate(), (a, b) -> a.isAfter(b) ? a : b);
      lateWork += lateWork(cast);
      setups += setups(cast);
    }
    double late = 0;
    double promised = 0;
    for (Demand demand : request.demands()) {
      long days = ChronoUnit.DAYS.between(demand.due(), ready.get(demand.order()));
      double own = demand.feeds() != null || days < 0 ? 0 : days * demand.weight();
      late += own;
      promised += demand.isPromised() ? own : 0;
    }
    Objective outcome = plan.outcome();
    assertThat(plan.totalWeightedLateDays()).as(seed + " late days").isEqualTo(late);
    assertThat(outcome.promisedLate()).as(seed + " promised").isEqualTo(promised);
    long mixMin = 0;
    for (PlanBatch batch : plan.mixes()) {
      mixMin += batch.minutes();
      for (LocalDateTime[] helped : BatchChecker.helpers(plan, batch).values()) {
        mixMin += ChronoUnit.MINUTES.between(helped[0], helped[1]);
      }
    }
    assertThat(outcome.minutes()).as(seed + " minutes").isEqualTo(mixMin + lateWork + setups);
  }

  /** What it costs where the one work of a step is begun later than it is wanted. */
  private long lateWork(PlannedCast cast) {
    long minutes = 0;
    LocalDateTime from = cast.pourAt();
    int next = 0;
    for (PlanStep step : product(cast).route()) {
      if (step.workMin() > 0) {
        Visit work = cast.works().get(next);
        if (step.withinH() != null && work.at().isAfter(from.plusMinutes(step.withinMin()))) {
          minutes += (long) Math.ceil(step.lateMin());
        }
        next += step.times();
        Visit last = cast.works().get(next - 1);
        from = last.at().plusMinutes(last.minutes());
      }
      from = from.plusMinutes(step.waitMin());
    }
    return minutes;
  }

  /** What its works take over their own minutes. */
  private long setups(PlannedCast cast) {
    long minutes = 0;
    int next = 0;
    for (PlanStep step : product(cast).route()) {
      for (int round = 0; step.workMin() > 0 && round < step.times(); round++) {
        minutes += cast.works().get(next++).minutes() - step.workMin();
      }
    }
    return minutes;
  }

  private PlanProduct product(PlannedCast cast) {
    return request.products().stream()
        .filter(p -> p.product().equals(cast.product()))
        .findFirst()
        .orElseThrow();
  }
}
