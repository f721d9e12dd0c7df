package ironshelf.core.plan.schedule;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.CastPlan.PlanBatch;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.PlannedOrder;
import ironshelf.core.plan.CastPlan.PlannedRest;
import ironshelf.core.plan.CastPlan.Visit;
import ironshelf.core.plan.Objective;
import ironshelf.core.plan.bound.LateBound;
import ironshelf.core.plan.resource.Activity;
import ironshelf.core.plan.resource.Family;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.Instance.Line;
import ironshelf.core.plan.resource.Resources;
import ironshelf.core.plan.resource.Timing;
import ironshelf.core.plan.schedule.Schedule.ScheduledCast;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Converts a schedule, in minutes and numbers, to a plan in dates and names. */
final class ScheduleWriter {

  private final Schedule schedule;
  private final Instance instance;
  private final List<Visit> works = new ArrayList<>();
  private final People people;
  private final LateBound bound;
  private final Map<Integer, Integer> aloneReady = new HashMap<>();

  private ScheduleWriter(Schedule schedule, LateBound bound) {
    this.schedule = schedule;
    this.instance = schedule.instance;
    this.people = People.of(schedule);
    this.bound = bound;
  }

  static CastPlan of(Schedule schedule, LateBound bound) {
    return new ScheduleWriter(schedule, bound).plan();
  }

  private CastPlan plan() {
    List<PlannedRest> begun = new ArrayList<>();
    for (int i = 0; i < schedule.begun.size(); i++) {
      begun.add(rest(instance.request.begun().get(i), schedule.begun.get(i)));
    }
    List<PlannedCast> casts = new ArrayList<>();
    int[] left = instance.lines.stream().mapToInt(Line::quantity).toArray();
    ScheduledCast[] last = new ScheduledCast[left.length];
    Map<Integer, Integer> batchOf = new HashMap<>();
    for (int b = 0; b < schedule.batches.size(); b++) {
      int no = b;
      schedule.batches.get(b).casts().forEach(cast -> batchOf.put(cast, no));
    }
    for (ScheduledCast cast : schedule.casts) {
      Line line = instance.lines.get(cast.demand());
      int pieces = Math.min(left[cast.demand()], line.cavities());
      left[cast.demand()] -= pieces;
      casts.add(cast(cast, line, pieces, batchOf.get(casts.size())));
      ScheduledCast before = last[cast.demand()];
      if (before == null || cast.timing().ready() >= before.timing().ready()) {
        last[cast.demand()] = cast;
      }
    }
    Map<String, PlannedOrder> orders = new LinkedHashMap<>();
    for (ScheduledCast cast : last) {
      PlannedOrder order = order(cast);
      orders.merge(order.order(), order, ScheduleWriter::later);
    }
    Objective outcome = schedule.outcome();
    double least = bound.leastLateDays();
    return new CastPlan(
        casts,
        begun,
        List.copyOf(orders.values()),
        outcome.lateDays(),
        least,
        gap(outcome.lateDays(), least),
        outcome,
        visits(),
        batches());
  }

  private static double gap(double late, double least) {
    return late <= least ? 0 : (late - least) / late;
  }

  private @Nullable List<PlanBatch> batches() {
    return instance.families.isEmpty() ? null : schedule.batches.stream().map(this::batch).toList();
  }

  private PlanBatch batch(Schedule.Mix mix) {
    Family family = instance.families.get(mix.family());
    return new PlanBatch(
        family.recipe(),
        family.colour(),
        mix.litres(),
        instance.at(mix.at()),
        people.of(mix),
        mix.block().minutes(),
        mix.casts(),
        mix.block().helpers() == 0 ? null : people.helpers(mix));
  }

  private PlannedRest rest(BegunCast begun, Timing timing) {
    return new PlannedRest(
        begun.name(),
        begun.mould() == null ? null : instance.at(timing.freed()),
        instance.at(timing.ready()),
        worksOf(timing));
  }

  private PlannedCast cast(ScheduledCast cast, Line line, int pieces, @Nullable Integer batch) {
    return new PlannedCast(
        instance.request.demands().get(cast.demand()).order(),
        instance.products.get(line.product()).product(),
        instance.moulds.get(line.mould()).mould(),
        cast.copy(),
        pieces,
        instance.at(cast.timing().pour()),
        instance.at(cast.timing().freed()),
        instance.at(cast.timing().ready()),
        cast.pinned(),
        worksOf(cast.timing()),
        batch);
  }

  private PlannedOrder order(ScheduledCast last) {
    Line line = instance.lines.get(last.demand());
    Timing timing = last.timing();
    int waited = Math.max(timing.forHands(), Math.max(timing.forStation(), timing.forParts()));
    int forMaterial = line.releaseMin();
    int most = Math.max(Math.max(last.copyFreeAt(), forMaterial), waited);
    // Where the whole shop for itself would mend less than half of its lateness, its route binds
    // it.
    long late = instance.lateDays(line, timing.ready());
    Bound bound =
        most <= 0 || 2L * (instance.day(timing.ready()) - instance.day(alone(line))) <= late
            ? Bound.ROUTE
            : most == timing.forParts()
                ? Bound.PARTS
                : most == forMaterial
                    ? Bound.MATERIAL
                    : most == last.copyFreeAt()
                        ? Bound.MOULD
                        : most == timing.forStation() ? Bound.STATION : Bound.HANDS;
    String name =
        switch (bound) {
          case MOULD -> instance.moulds.get(line.mould()).mould();
          case STATION -> instance.request.stations().get(timing.station()).station();
          case PARTS -> schedule.lastPart(last.demand());
          case MATERIAL -> instance.products.get(line.product()).waitsFor();
          case ROUTE, HANDS -> null;
        };
    return new PlannedOrder(
        instance.request.demands().get(last.demand()).order(),
        instance.at(timing.ready()),
        late,
        bound,
        name);
  }

  /** Returns when a cast would be ready if it had the whole shop for itself. */
  private int alone(Line line) {
    return aloneReady.computeIfAbsent(
        line.product(),
        p ->
            new Resources(instance, 1)
                .timing(instance.activitiesOf(line), 0, line.cavities())
                .ready());
  }

  /** Merges two lines of an order: ready when both are, and as many days late as the later one. */
  private static PlannedOrder later(PlannedOrder a, PlannedOrder b) {
    PlannedOrder last = a.readyAt().isAfter(b.readyAt()) ? a : b;
    return new PlannedOrder(
        last.order(),
        last.readyAt(),
        Math.max(a.lateDays(), b.lateDays()),
        last.boundBy(),
        last.boundName());
  }

  private List<Visit> worksOf(Timing timing) {
    List<Visit> done = new ArrayList<>();
    for (int i = 0; i < timing.activities().size(); i++) {
      Activity activity = timing.activities().get(i);
      if (activity.workMin() > 0) {
        done.add(
            new Visit(
                activity.step(),
                instance.at(timing.start(i)),
                timing.minutes(i),
                people.of(timing, i)));
      }
    }
    works.addAll(done);
    return done;
  }

  /** Merges work at one step that follows directly on itself into one visit. */
  private List<Visit> visits() {
    works.sort(Comparator.comparing(Visit::step).thenComparing(Visit::at));
    List<Visit> merged = new ArrayList<>();
    for (Visit work : works) {
      Visit last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
      if (last != null && last.step().equals(work.step()) && !end(last).isBefore(work.at())) {
        LocalDateTime end = end(last).isAfter(end(work)) ? end(last) : end(work);
        long minutes = java.time.Duration.between(last.at(), end).toMinutes();
        merged.set(merged.size() - 1, new Visit(last.step(), last.at(), minutes, last.person()));
      } else {
        merged.add(work);
      }
    }
    merged.sort(Comparator.comparing(Visit::at));
    return merged;
  }

  private static LocalDateTime end(Visit visit) {
    return visit.at().plusMinutes(visit.minutes());
  }
}
