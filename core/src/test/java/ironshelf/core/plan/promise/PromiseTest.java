package ironshelf.core.plan.promise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.PlanChecker;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.promise.Promise.PromiseRequest;
import ironshelf.core.plan.promise.Promise.WithCopies;
import ironshelf.core.plan.resource.TinyShop;
import ironshelf.core.plan.schedule.Job;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.core.quantity.RefusedException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("accuracy")
class PromiseTest {

  private static final LocalDate DAY = TinyShop.START.toLocalDate();

  /** The plan that comes with it is feasible, keeps it, and makes nobody later. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
  void aPromiseIsKeptWhenItIsPlanned(long seed) {
    PlanRequest plan = RandomShop.of(seed, 8);
    Promise promise = Promise.of(new PromiseRequest(plan, "p0", 3, 0, null, null), List.of());
    List<Demand> all = new ArrayList<>(plan.demands());
    all.add(new Demand(Promise.ASKED, "p0", 3, promise.date(), 1, null));
    new PlanChecker(plan.change().demands(all).request(), promise.plan()).check("seed " + seed);
    assertThat(ready(promise.plan(), Promise.ASKED)).isEqualTo(promise.readyAt());
    ScheduleBuilder.of(plan)
        .orders()
        .forEach(
            o ->
                assertThat(late(promise.plan(), o.order()))
                    .as("seed %d, %s", seed, o.order())
                    .isLessThanOrEqualTo(o.lateDays()));
    // Taken on with that date, the plan made in the same order keeps it again.
    ScheduleBuilder pass = new ScheduleBuilder(plan.change().demands(all).request());
    CastPlan again = pass.plan(pass.asIn(promise.plan().casts()));
    assertThat(late(again, Promise.ASKED)).as("seed %d", seed).isZero();
  }

  /** One copy that is full for weeks: nothing can be promised before it, a copy more mends it. */
  @Test
  void theCurveShowsWhatACopyIsWorth() {
    PlanRequest plan = RandomShop.of(3, 9);
    Promise promise = Promise.of(new PromiseRequest(plan, "p0", 20, 3, null, null), List.of());
    assertThat(promise.curve()).extracting(WithCopies::moreCopies).containsExactly(0, 1, 2, 3);
    assertThat(promise.curve().get(3).date()).isBefore(promise.curve().get(0).date());
  }

  /** A tray and a pot of one copy each, filled seven times a day. */
  private static PlanRequest trayAndPot(Demand... demands) {
    return PlanRequest.fresh(
        TinyShop.START,
        TinyShop.HOURS,
        2,
        List.of(new PlanMould("tray", 1, 1, 10), new PlanMould("pot", 1, 1, 10)),
        List.of(),
        List.of(
            new PlanProduct("p", "tray", null, 0, null, TinyShop.ROUTE),
            new PlanProduct("q", "pot", null, 0, null, TinyShop.ROUTE)),
        List.of(demands));
  }

  /** By hand: fourteen are two days of one copy and one day of two. */
  @ParameterizedTest
  @ValueSource(strings = {"p", "q"})
  void aCopyMoreIsOneOfItsOwnMould(String product) {
    PlanRequest plan = trayAndPot(new Demand("o", "p", 1, DAY, 1, null));
    Promise promise = Promise.of(new PromiseRequest(plan, product, 13, 1, null, null), List.of());
    assertThat(promise.curve()).extracting(WithCopies::date).containsExactly(DAY.plusDays(1), DAY);
  }

  /**
   * By hand: the tray is taken for a day; one more comes the day after, and no mould is waited for.
   */
  @Test
  void itComesAfterWhatWouldBeLate() {
    PlanRequest plan = trayAndPot(new Demand("o", "p", 7, DAY, 1, null));
    assertThat(date(plan, "p")).isEqualTo(DAY.plusDays(1));
    assertThat(date(plan, "q")).isEqualTo(DAY);
  }

  private static LocalDate date(PlanRequest plan, String product) {
    return Promise.of(new PromiseRequest(plan, product, 1, 0, null, null), List.of()).date();
  }

  /**
   * Beside any plan, whatever made it: nobody is later than there, and more copies never cost days.
   */
  @ParameterizedTest
  @ValueSource(longs = {31, 32, 33, 34, 35, 36, 37, 38, 39, 40, 41, 42, 43, 44, 45, 46})
  void thePlanItStartsFromIsKept(long seed) {
    PlanRequest plan = RandomShop.of(seed, 9);
    ScheduleBuilder pass = new ScheduleBuilder(plan);
    for (List<Job> order : pass.others()) {
      CastPlan planned = pass.plan(order);
      Promise promise =
          Promise.of(new PromiseRequest(plan, "p0", 12, 4, null, null), planned.casts());
      planned
          .orders()
          .forEach(
              o ->
                  assertThat(late(promise.plan(), o.order()))
                      .as("seed %d, %s", seed, o.order())
                      .isLessThanOrEqualTo(o.lateDays()));
      assertThat(promise.curve()).extracting(WithCopies::moreCopies).containsExactly(0, 1, 2, 3, 4);
      assertThat(promise.curve().get(0).date()).isEqualTo(promise.date());
      assertThat(promise.curve().stream().map(WithCopies::date))
          .as("seed %d", seed)
          .isSortedAccordingTo(Comparator.reverseOrder());
    }
  }

  @Test
  void whatIsNotMadeCannotBePromised() {
    PlanRequest plan = RandomShop.of(1, 2);
    assertThatThrownBy(() -> new PromiseRequest(plan, "hat", 1, 0, null, null))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new PromiseRequest(plan, "p0", 0, 0, null, null))
        .isInstanceOf(RefusedException.class);
  }

  private static java.time.LocalDateTime ready(CastPlan plan, String order) {
    return plan.orders().stream()
        .filter(o -> o.order().equals(order))
        .findFirst()
        .orElseThrow()
        .readyAt();
  }

  private static long late(CastPlan plan, String order) {
    return plan.orders().stream()
        .filter(o -> o.order().equals(order))
        .findFirst()
        .orElseThrow()
        .lateDays();
  }
}
