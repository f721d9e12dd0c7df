package ironshelf.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.Visit;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Proves a plan feasible from its casts alone. ScheduleWriter apart from what lays plans out: it
 * walks each route anew, and counts what is taken by sweeping over events.
 */
public record PlanChecker(PlanRequest request, CastPlan plan) {

  /** So much more, or less, of something from a moment on. */
  record Event(LocalDateTime at, int change) {}

  public void check(String seed) {
    List<Event> hands = new ArrayList<>();
    Map<String, List<Event>> stations = new HashMap<>();
    Map<String, List<LocalDateTime[]>> held = new HashMap<>();
    nobodyIsInTwoPlaces(seed);
    for (PlannedCast cast : plan.casts()) {
      PlanProduct product = product(cast);
      PlanMould mould = mould(cast);
      assertThat(cast.copy()).as(seed).isBetween(1, mould.copies());
      if (product.notBefore() != null) {
        assertThat(cast.pourAt()).as(seed + " material").isAfterOrEqualTo(product.notBefore());
      }
      walk(cast, product, mould, stations, seed);
      cast.works().forEach(work -> isInHours(work, seed));
      for (Visit work : ownWorks(cast)) {
        hands.add(new Event(work.at(), 1));
        hands.add(new Event(work.at().plusMinutes(work.minutes()), -1));
      }
      held.computeIfAbsent(mould.mould() + " " + cast.copy(), k -> new ArrayList<>())
          .add(
              new LocalDateTime[] {
                cast.pourAt(), cast.demouldAt().plusMinutes(Math.round(mould.washMin()))
              });
    }
    new BatchChecker(request, plan).check(seed, hands);
    assertThat(most(hands)).as(seed + " hands").isLessThanOrEqualTo(request.people());
    for (PlanStation station : request.stations()) {
      assertThat(most(stations.getOrDefault(station.station(), List.of())))
          .as(seed + " " + station.station())
          .isLessThanOrEqualTo(station.capacity());
    }
    held.values().forEach(uses -> doNotOverlap(uses, seed));
    partsAreThere(seed);
    everythingIsMade(seed);
    new FigureChecker(request, plan).check(seed);
  }

  /** Each work after the one before and all waits between; stays noted as they are. */
  private void walk(
      PlannedCast cast,
      PlanProduct product,
      PlanMould mould,
      Map<String, List<Event>> stations,
      String seed) {
    LocalDateTime at = cast.pourAt();
    List<Runnable> open = new ArrayList<>();
    int next = 0;
    LocalDateTime freed = null;
    for (PlanStep step : product.route()) {
      if (step.attendedMin() > 0) {
        for (int round = 1; round <= step.times(); round++) {
          Visit work = cast.works().get(next++);
          assertThat(work.step()).as(seed).isEqualTo(step.step());
          isReady(work, step, seed);
          assertThat(work.at()).as(seed + " gate of " + step.step()).isAfterOrEqualTo(at);
          LocalDateTime begun = work.at();
          closing.set(begun);
          open.forEach(Runnable::run);
          open.clear();
          at = work.at().plusMinutes(work.minutes());
          if (round < step.times()) {
            at = at.plusMinutes(Math.round(step.gapMin()));
          }
        }
        if (step.freesMould()) {
          freed = at;
        }
      }
      if (step.waitH() > 0) {
        closing.set(at);
        open.forEach(Runnable::run);
        open.clear();
        if (step.station() != null) {
          List<Event> events = stations.computeIfAbsent(step.station(), k -> new ArrayList<>());
          events.add(new Event(at, mould.cavities()));
          open.add(() -> events.add(new Event(closing.get(), -mould.cavities())));
        }
        at = at.plusMinutes(Math.round(step.waitH() * 60));
      }
    }
    closing.set(at);
    open.forEach(Runnable::run);
    assertThat(next).as(seed).isEqualTo(cast.works().size());
    assertThat(freed).as(seed + " freed").isEqualTo(cast.demouldAt());
    assertThat(cast.readyAt()).as(seed + " ready").isAfterOrEqualTo(at);
  }

  /** Somebody got ready for it, or has just done the same to another cast. */
  private void isReady(Visit work, PlanStep step, String seed) {
    long alone = (long) Math.ceil(step.attendedMin());
    long setup = (long) Math.ceil(step.setupMin());
    if (step.mix() != null && !request.mixers().isEmpty()) {
      return;
    }
    if (work.minutes() != alone + setup) {
      assertThat(work.minutes()).as(seed + " minutes of " + step.step()).isEqualTo(alone);
      assertThat(plan.casts())
          .as(seed + " ready for " + step.step())
          .anyMatch(
              c ->
                  c.works().stream()
                      .anyMatch(
                          w ->
                              w.step().equals(work.step())
                                  && w.person().equals(work.person())
                                  && w.at().plusMinutes(w.minutes()).equals(work.at())));
    }
  }

  /** When what is open in a station ends. */
  private static final ThreadLocal<LocalDateTime> closing = new ThreadLocal<>();

  private void isInHours(Visit work, String seed) {
    OpenHours hours = request.calendar();
    assertThat(hours.days()).as(seed).contains(work.at().getDayOfWeek());
    assertThat(hours.closed()).as(seed).doesNotContain(work.at().toLocalDate());
    assertThat(work.at().toLocalTime()).as(seed).isAfterOrEqualTo(hours.opens());
    assertThat(work.at().plusMinutes(work.minutes()))
        .as(seed + " closing time")
        .isBeforeOrEqualTo(work.at().toLocalDate().atTime(hours.closes()));
    assertThat(work.at()).as(seed).isAfterOrEqualTo(request.start());
  }

  /** What takes a person of its own: whoever mixes a cast fills it too. */
  private static List<Visit> ownWorks(PlannedCast cast) {
    return cast.batch() == null ? cast.works() : cast.works().subList(1, cast.works().size());
  }

  /** The same by name: each person does one thing at a time. */
  private void nobodyIsInTwoPlaces(String seed) {
    Map<Integer, List<LocalDateTime[]>> busy = new HashMap<>();
    for (PlannedCast cast : plan.casts()) {
      for (Visit work : ownWorks(cast)) {
        assertThat(work.person()).as(seed + " who").isBetween(1, request.people());
        busy.computeIfAbsent(work.person(), p -> new ArrayList<>())
            .add(new LocalDateTime[] {work.at(), work.at().plusMinutes(work.minutes())});
      }
    }
    for (CastPlan.PlanBatch batch : plan.mixes()) {
      assertThat(batch.person()).as(seed + " who mixes").isBetween(1, request.people());
      busy.computeIfAbsent(batch.person(), p -> new ArrayList<>())
          .add(
              new LocalDateTime[] {
                batch.startsAt(), batch.startsAt().plusMinutes(batch.minutes())
              });
      BatchChecker.helpers(plan, batch)
          .forEach((p, helped) -> busy.computeIfAbsent(p, k -> new ArrayList<>()).add(helped));
    }
    busy.values().forEach(works -> doNotOverlap(works, seed + " person"));
  }

  static int most(List<Event> events) {
    List<Event> sorted = new ArrayList<>(events);
    sorted.sort(Comparator.comparing(Event::at).thenComparing(Event::change));
    int level = 0;
    int most = 0;
    for (Event event : sorted) {
      level += event.change();
      most = Math.max(most, level);
    }
    return most;
  }

  private static void doNotOverlap(List<LocalDateTime[]> uses, String seed) {
    uses.sort(Comparator.comparing(u -> u[0]));
    for (int i = 1; i < uses.size(); i++) {
      assertThat(uses.get(i)[0]).as(seed + " twice").isAfterOrEqualTo(uses.get(i - 1)[1]);
    }
  }

  /** Whenever something is joined, so many of its parts are ready as all joined by then took. */
  private void partsAreThere(String seed) {
    for (PlanRequest.Demand part : request.demands()) {
      if (part.feeds() == null) {
        continue;
      }
      PlanRequest.Demand whole =
          request.demands().stream()
              .filter(d -> d.order().equals(part.feeds().into()))
              .findFirst()
              .orElseThrow();
      int each = part.quantity() / whole.quantity();
      List<Event> stock = new ArrayList<>();
      for (PlannedCast cast : plan.casts()) {
        if (cast.order().equals(part.order())) {
          stock.add(new Event(cast.readyAt(), cast.pieces()));
        } else if (cast.order().equals(whole.order())) {
          stock.add(new Event(joinedAt(cast, part.feeds().join()), -each * cast.pieces()));
        }
      }
      stock.sort(
          Comparator.comparing(Event::at).thenComparing(Event::change, Comparator.reverseOrder()));
      int left = 0;
      for (Event event : stock) {
        left += event.change();
        assertThat(left).as(seed + " parts " + part.order()).isNotNegative();
      }
    }
  }

  private LocalDateTime joinedAt(PlannedCast cast, int join) {
    int work = 0;
    int seen = 0;
    for (PlanStep step : product(cast).route()) {
      if (step.joins() && seen++ == join) {
        return cast.works().get(work).at();
      }
      work += step.attendedMin() > 0 ? step.times() : 0;
    }
    throw new IllegalStateException("no such join");
  }

  private void everythingIsMade(String seed) {
    int wanted = request.demands().stream().mapToInt(PlanRequest.Demand::quantity).sum();
    int made = plan.casts().stream().mapToInt(PlannedCast::pieces).sum();
    assertThat(made).as(seed + " pieces").isEqualTo(wanted);
  }

  private PlanProduct product(PlannedCast cast) {
    return request.products().stream()
        .filter(p -> p.product().equals(cast.product()))
        .findFirst()
        .orElseThrow();
  }

  private PlanMould mould(PlannedCast cast) {
    return request.moulds().stream()
        .filter(m -> m.mould().equals(cast.mould()))
        .findFirst()
        .orElseThrow();
  }
}
