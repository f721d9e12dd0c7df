package ironshelf.core.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.PlannedOrder;
import ironshelf.core.plan.ExactPlans;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.PlanChecker;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.promise.Promise;
import ironshelf.core.plan.promise.Promise.PromiseRequest;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Plans of pieces that are made of others; checked by the checker that is written apart. */
class PartsSchedulerTest {

  private static final OpenHours ALWAYS = ExactPlans.ALWAYS;

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
  void partsAreReadyWhereTheyAreJoinedWhateverTheOrder(long seed) {
    PlanRequest request = RandomShop.withParts(seed, 4);
    new PlanChecker(request, ScheduleBuilder.of(request)).check("seed " + seed);
    ScheduleBuilder pass = new ScheduleBuilder(request);
    List<Job> shuffled = new ArrayList<>(pass.usual());
    Collections.shuffle(shuffled, new Random(seed));
    new PlanChecker(request, pass.plan(shuffled)).check("shuffled " + seed);
  }

  /** By hand: the drop is ready after 34 h, the basin after 2; joined then, dry a day later. */
  @Test
  void aWholeWaitsForItsPart() {
    CastPlan plan = ScheduleBuilder.of(basinAndDrop(List.of(), "2027-03-02"));
    assertThat(plan.orders()).extracting(PlannedOrder::order).contains("bath", "drops");
    PlannedOrder bath = order(plan, "bath");
    assertThat(bath.readyAt()).isEqualTo(RandomShop.START.plusHours(58));
    assertThat(bath.boundBy()).isEqualTo(Bound.PARTS);
    assertThat(bath.boundName()).isEqualTo("drop");
    assertThat(plan.totalWeightedLateDays()).isEqualTo(1);
  }

  /** What has begun and waits for a part keeps its mould only until it is out. */
  @Test
  void whatHasBegunWaitsForPartsThatAreStillToBePoured() {
    BegunCast basin =
        new BegunCast(
            "cast-1",
            "basin",
            1,
            1,
            List.of(
                RandomShop.wait("set", 2, null),
                RandomShop.work("demould", 0, 1, 0, true),
                new PlanStep("join", 6, 0, null, 1, 0, false, true),
                RandomShop.wait("dry", 24, null)),
            null);
    PlanRequest request = basinAndDrop(List.of(basin), "2027-03-05");
    CastPlan plan = ScheduleBuilder.of(request);
    assertThat(plan.begun().get(0).demouldAt()).isEqualTo(RandomShop.START.plusHours(2));
    assertThat(plan.begun().get(0).readyAt())
        .isEqualTo(RandomShop.START.plusHours(58).plusMinutes(6));
  }

  /**
   * By hand: two basins take two drops each, which come from the press one after the other, 34 h
   * each; so the first is joined after 68 h, the second after 136. A press of two is twice as
   * quick.
   */
  @ParameterizedTest
  @ValueSource(ints = {1, 2})
  void eachOfTwoTakesWhatIsReadyFirst(int cavities) {
    LocalDate day = RandomShop.START.toLocalDate();
    PlanRequest request =
        request(
            new PlanMould("basin", 2, 1, 0),
            new PlanMould("press", 1, cavities, 0),
            List.of(),
            List.of(
                new Demand("bath", "bath", 2, day, 1, null),
                new Demand("drops", "drop", 4, day, 1, new Feed("bath", 0))));
    CastPlan plan = ScheduleBuilder.of(request);
    assertThat(plan.casts().stream().filter(c -> c.product().equals("bath")))
        .extracting(PlannedCast::readyAt)
        .containsExactlyInAnyOrder(
            RandomShop.START.plusHours(68 / cavities + 24),
            RandomShop.START.plusHours(136 / cavities + 24));
  }

  /** Asked for with its parts, it is promised when the plan that stands for it has it. */
  @Test
  void aPromiseGoesThroughTheParts() {
    PlanRequest plain = basinAndDrop(List.of(), "2027-03-20");
    List<Demand> parts =
        List.of(
            new Demand("asked/1", "drop", 2, plain.start().toLocalDate(), 1, new Feed("asked", 0)));
    Promise promise =
        Promise.of(
            new PromiseRequest(
                plain.change().demands(List.of()).request(), "bath", 2, 0, null, parts),
            List.of());
    assertThat(promise.readyAt()).isAfterOrEqualTo(RandomShop.START.plusHours(58));
    assertThat(promise.plan().orders()).extracting(PlannedOrder::order).contains("asked/1");
  }

  @Test
  void whatFeedsNothingOrItselfIsRefused() {
    PlanRequest plain = basinAndDrop(List.of(), "2027-03-20");
    assertThatThrownBy(() -> plain.change().demands(List.of(feeding("a", "b"))).request())
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> assertThat(e.findings().get(0).code()).isEqualTo(FindingCode.PLAN_UNKNOWN));
    assertThatThrownBy(
            () -> plain.change().demands(List.of(feeding("a", "b"), feeding("b", "a"))).request())
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> assertThat(e.findings().get(0).code()).isEqualTo(FindingCode.PLAN_FEEDS_ITSELF));
  }

  private static Demand feeding(String name, String into) {
    return new Demand(name, "bath", 1, RandomShop.START.toLocalDate(), 1, new Feed(into, 0));
  }

  private static PlanRequest basinAndDrop(List<BegunCast> begun, String due) {
    String into = begun.isEmpty() ? "bath" : begun.get(0).name();
    LocalDate day = LocalDate.parse(due);
    List<Demand> demands = new ArrayList<>();
    if (begun.isEmpty()) {
      demands.add(new Demand("bath", "bath", 1, day, 1, null));
    }
    demands.add(new Demand("drops", "drop", 1, day, 1, new Feed(into, 0)));
    return request(
        new PlanMould("basin", 1, 1, 0), new PlanMould("press", 1, 1, 0), begun, demands);
  }

  private static PlanRequest request(
      PlanMould basin, PlanMould press, List<BegunCast> begun, List<Demand> demands) {
    List<PlanStep> drop =
        List.of(RandomShop.wait("set", 34, null), RandomShop.work("demould", 0, 1, 0, true));
    List<PlanStep> bath =
        List.of(
            RandomShop.wait("set", 2, null),
            RandomShop.work("demould", 0, 1, 0, true),
            new PlanStep("join", 0, 0, null, 1, 0, false, true),
            RandomShop.wait("dry", 24, null));
    return new PlanRequest(
        RandomShop.START,
        ALWAYS,
        1,
        List.of(basin, press),
        null,
        List.of(
            new PlanProduct("bath", "basin", "c", 0, null, bath),
            new PlanProduct("drop", "press", "c", 0, null, drop)),
        demands,
        0,
        begun,
        null);
  }

  private static PlannedOrder order(CastPlan plan, String name) {
    return plan.orders().stream().filter(o -> o.order().equals(name)).findFirst().orElseThrow();
  }
}
