package ironshelf.core.plan;

import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.PlannedOrder;
import ironshelf.core.plan.CastPlan.PlannedRest;
import ironshelf.core.plan.CastPlan.Visit;
import ironshelf.core.plan.Laying.Laid;
import ironshelf.core.plan.Setting.Task;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Writes a laid plan out in dates and names. */
final class Written {

  private final Laying laying;
  private final Setting setting;
  private final List<Visit> works = new ArrayList<>();
  private final Map<Integer, Integer> aloneReady = new HashMap<>();

  private Written(Laying laying) {
    this.laying = laying;
    this.setting = laying.setting;
  }

  static CastPlan of(Laying laying) {
    return new Written(laying).plan();
  }

  private CastPlan plan() {
    List<PlannedRest> begun = new ArrayList<>();
    for (int i = 0; i < laying.begun.size(); i++) {
      begun.add(rest(setting.request.begun().get(i), laying.begun.get(i)));
    }
    List<PlannedCast> casts = new ArrayList<>();
    int[] left = setting.tasks.stream().mapToInt(Task::quantity).toArray();
    Laid[] last = new Laid[left.length];
    for (Laid cast : laying.casts) {
      Task task = setting.tasks.get(cast.demand());
      int pieces = Math.min(left[cast.demand()], task.cavities());
      left[cast.demand()] -= pieces;
      casts.add(cast(cast, task, pieces));
      Laid before = last[cast.demand()];
      if (before == null || cast.way().ready() >= before.way().ready()) {
        last[cast.demand()] = cast;
      }
    }
    Map<String, PlannedOrder> orders = new LinkedHashMap<>();
    for (Laid cast : last) {
      PlannedOrder order = order(cast);
      orders.merge(order.order(), order, Written::later);
    }
    Outcome outcome = laying.outcome();
    return new CastPlan(
        casts,
        begun,
        List.copyOf(orders.values()),
        outcome.lateDays(),
        setting.leastLateDays(),
        outcome,
        visits());
  }

  private PlannedRest rest(BegunCast begun, Way way) {
    return new PlannedRest(
        begun.name(),
        begun.mould() == null ? null : setting.at(way.freed()),
        setting.at(way.ready()),
        worksOf(way));
  }

  private PlannedCast cast(Laid cast, Task task, int pieces) {
    return new PlannedCast(
        setting.request.demands().get(cast.demand()).order(),
        setting.products.get(task.product()).product(),
        setting.moulds.get(task.mould()).mould(),
        cast.copy(),
        pieces,
        setting.at(cast.way().pour()),
        setting.at(cast.way().freed()),
        setting.at(cast.way().ready()),
        cast.pinned(),
        worksOf(cast.way()));
  }

  private PlannedOrder order(Laid last) {
    Task task = setting.tasks.get(last.demand());
    Way way = last.way();
    int waited = Math.max(way.forHands(), Math.max(way.forStation(), way.forParts()));
    int most = Math.max(last.copyFreeAt(), waited);
    // Where the whole shop for itself would mend less than half of its lateness, its route binds
    // it.
    long late = setting.lateDays(task, way.ready());
    Bound bound =
        most <= 0 || 2L * (setting.day(way.ready()) - setting.day(alone(task))) <= late
            ? Bound.ROUTE
            : most == way.forParts()
                ? Bound.PARTS
                : most == last.copyFreeAt()
                    ? Bound.MOULD
                    : most == way.forStation() ? Bound.STATION : Bound.HANDS;
    String name =
        switch (bound) {
          case MOULD -> setting.moulds.get(task.mould()).mould();
          case STATION -> setting.request.stations().get(way.station()).station();
          case PARTS -> laying.lastPart(last.demand());
          case ROUTE, HANDS -> null;
        };
    return new PlannedOrder(
        setting.request.demands().get(last.demand()).order(),
        setting.at(way.ready()),
        late,
        bound,
        name);
  }

  /** When a cast of it would be ready with the whole shop for itself. */
  private int alone(Task task) {
    return aloneReady.computeIfAbsent(
        task.product(),
        p -> new Room(setting.request, 1).way(setting.legsOf(task), 0, task.cavities()).ready());
  }

  /** An order is ready when all its lines are, and as late as the latest of them. */
  private static PlannedOrder later(PlannedOrder a, PlannedOrder b) {
    PlannedOrder last = a.readyAt().isAfter(b.readyAt()) ? a : b;
    return new PlannedOrder(
        last.order(),
        last.readyAt(),
        Math.max(a.lateDays(), b.lateDays()),
        last.boundBy(),
        last.boundName());
  }

  private List<Visit> worksOf(Way way) {
    List<Visit> done = new ArrayList<>();
    for (int i = 0; i < way.legs().size(); i++) {
      Leg leg = way.legs().get(i);
      if (leg.workMin() > 0) {
        done.add(new Visit(leg.step(), setting.at(way.start(i)), leg.workMin()));
      }
    }
    works.addAll(done);
    return done;
  }

  /** Work at one step that follows on itself is one visit. */
  private List<Visit> visits() {
    works.sort(Comparator.comparing(Visit::step).thenComparing(Visit::at));
    List<Visit> merged = new ArrayList<>();
    for (Visit work : works) {
      Visit last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
      if (last != null && last.step().equals(work.step()) && !end(last).isBefore(work.at())) {
        LocalDateTime end = end(last).isAfter(end(work)) ? end(last) : end(work);
        long minutes = java.time.Duration.between(last.at(), end).toMinutes();
        merged.set(merged.size() - 1, new Visit(last.step(), last.at(), minutes));
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
