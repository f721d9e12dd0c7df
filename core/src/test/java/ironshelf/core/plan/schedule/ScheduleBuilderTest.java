package ironshelf.core.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.ExactPlans;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.PinnedCast;
import ironshelf.core.plan.PlanChecker;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("accuracy")
class ScheduleBuilderTest {

  private static final OpenHours WEEK =
      new OpenHours(
          List.of(DayOfWeek.values()).subList(0, 5), LocalTime.of(7, 0), LocalTime.of(16, 0), null);

  /**
   * docs/method/plan.md's example worked by hand: one copy, poured Monday 07:00 for 12 min, 3 h to
   * set, out at 10:12 for 4, a day in the bath, a week of drying, two coats 15 min apart, a day's
   * rest.
   */
  @Test
  void oneBowlWorkedByHand() {
    CastPlan plan = ScheduleBuilder.of(bowls(1, 1));
    CastPlan.PlannedCast cast = plan.casts().get(0);
    assertThat(cast.pourAt()).hasToString("2027-03-01T07:00");
    assertThat(cast.demouldAt()).hasToString("2027-03-01T10:16");
    assertThat(cast.works().get(2).at()).hasToString("2027-03-09T10:16");
    assertThat(cast.works().get(3).at()).hasToString("2027-03-09T10:34");
    assertThat(cast.readyAt()).hasToString("2027-03-10T10:37");
    assertThat(plan.orders().get(0).boundBy()).isEqualTo(Bound.ROUTE);
    assertThat(plan.totalWeightedLateDays()).isZero();
  }

  /** The moulds set the pace, and more copies mend it. */
  @Test
  void theMouldsSetThePace() {
    CastPlan one = ScheduleBuilder.of(bowls(1, 24));
    CastPlan three = ScheduleBuilder.of(bowls(3, 24));
    assertThat(one.orders().get(0).boundBy()).isEqualTo(Bound.MOULD);
    assertThat(three.orders().get(0).readyAt()).isBefore(one.orders().get(0).readyAt());
  }

  @ParameterizedTest
  @ValueSource(longs = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9})
  void everyPlanOfFiveHundredWorkshopsIsFeasible(long block) {
    for (long seed = block * 50; seed < block * 50 + 50; seed++) {
      PlanRequest request = RandomShop.of(seed, 1 + (int) (seed % 12));
      CastPlan plan = ScheduleBuilder.of(request);
      new PlanChecker(request, plan).check("seed " + seed);
      assertThat(plan.lowerBoundLateDays()).isLessThanOrEqualTo(plan.totalWeightedLateDays());
      assertThat(ScheduleBuilder.of(request)).as("the same again").isEqualTo(plan);
    }
  }

  /** Against an exact solver on casts over copies: never better, and its bound never above. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void neverBetterThanTheExactSolver(long seed) {
    Random random = new Random(seed);
    int copies = 1 + random.nextInt(2);
    PlanRequest request = ExactPlans.machines(random, copies, 6);
    CastPlan plan = ScheduleBuilder.of(request);
    double best = ExactPlans.exactLateDays(request, copies);
    assertThat(plan.totalWeightedLateDays()).as("seed %d", seed).isGreaterThanOrEqualTo(best);
    assertThat(plan.lowerBoundLateDays()).as("seed %d", seed).isLessThanOrEqualTo(best);
  }

  /** Graham 1969: longest first is within 4/3 - 1/(3m) of the best makespan. */
  @ParameterizedTest
  @ValueSource(longs = {21, 22, 23, 24, 25, 26, 27, 28})
  void longestFirstKeepsGrahamsBound(long seed) {
    Random random = new Random(seed);
    int copies = 2 + random.nextInt(3);
    PlanRequest request = ExactPlans.machines(random, copies, 9);
    ScheduleBuilder pass = new ScheduleBuilder(request);
    List<Job> longestFirst = new ArrayList<>(pass.usual());
    longestFirst.sort(
        Comparator.comparingLong(
            l -> -ExactPlans.holdMin(request, request.demands().get(l.demand(0)))));
    CastPlan plan = pass.plan(longestFirst);
    long makespan =
        plan.casts().stream()
            .mapToLong(c -> Duration.between(request.start(), c.demouldAt()).toMinutes())
            .max()
            .orElseThrow();
    double bound = (4.0 / 3 - 1.0 / (3 * copies)) * ExactPlans.exactMakespan(request, copies);
    assertThat((double) makespan).as("seed %d", seed).isLessThanOrEqualTo(bound + 1e-9);
  }

  /** One copy that is full until Wednesday: a bowl more waits for it, and its works are done. */
  @Test
  void whatHasBegunIsKept() {
    PlanRequest fresh = bowls(1, 1);
    BegunCast begun =
        new BegunCast(
            "cast-1",
            "bowl",
            1,
            1,
            List.of(
                RandomShop.wait("set", 48, null),
                RandomShop.work("demould", 4, 1, 0, true),
                RandomShop.wait("dry", 24, null)),
            null);
    PlanRequest request =
        new PlanRequest(
            fresh.start(),
            WEEK,
            1,
            fresh.moulds(),
            fresh.stations(),
            fresh.products(),
            fresh.demands(),
            0,
            List.of(begun),
            null);
    CastPlan plan = ScheduleBuilder.of(request);
    assertThat(plan.begun().get(0).demouldAt()).hasToString("2027-03-03T07:04");
    assertThat(plan.begun().get(0).readyAt()).hasToString("2027-03-04T07:04");
    assertThat(plan.casts().get(0).pourAt()).hasToString("2027-03-03T07:04");
    assertThat(plan.orders().get(0).boundBy()).isEqualTo(Bound.MOULD);
    assertThat(plan.orders().get(0).boundName()).isEqualTo("bowl");
  }

  @Test
  void whatIsPinnedStaysAndTheRestGoesRoundIt() {
    PlanRequest request =
        bowls(1, 3)
            .change()
            .pinned(List.of(pin(1, "2027-03-01T12:00"), pin(1, "2027-03-02T07:00")))
            .request();
    CastPlan plan = ScheduleBuilder.of(request);
    assertThat(plan.casts().stream().filter(CastPlan.PlannedCast::pinned))
        .extracting(c -> c.pourAt().toString())
        .containsExactly("2027-03-01T12:00", "2027-03-02T07:00");
    new PlanChecker(request, plan).check("pinned");
    assertThat(plan.casts().get(2).pourAt()).hasToString("2027-03-01T07:00");
    // What nobody wants any more is no longer pinned.
    assertThat(
            ScheduleBuilder.of(bowls(1, 1).change().pinned(request.pinned()).request())
                .casts()
                .stream()
                .map(c -> c.pourAt().toString()))
        .containsExactly("2027-03-01T12:00");
  }

  @Test
  void aPinThatCannotBeSaysWhy() {
    assertThat(refused(pin(1, "2027-03-06T09:00"))).containsExactly(FindingCode.PIN_CLOSED);
    assertThat(refused(pin(1, "2027-03-01T15:55"))).containsExactly(FindingCode.PIN_CLOSED);
    assertThat(refused(pin(1, "2027-03-01T09:00"), pin(1, "2027-03-01T10:00")))
        .containsExactly(FindingCode.PIN_HELD);
    assertThat(refused(pin(1, "2027-03-01T09:00"), pin(2, "2027-03-01T09:05")))
        .containsExactly(FindingCode.PIN_HANDS);
    assertThat(refused(pin(7, "2027-03-01T09:00"))).containsExactly(FindingCode.PLAN_UNKNOWN);
  }

  private static PinnedCast pin(int copy, String at) {
    return new PinnedCast("1001", "bowl", copy, LocalDateTime.parse(at));
  }

  private static List<FindingCode> refused(PinnedCast... pins) {
    try {
      PlanRequest request = bowls(2, 4).change().pinned(List.of(pins)).request();
      ScheduleBuilder pass = new ScheduleBuilder(request);
      // Its cast is laid all the same, with the pins that can be kept.
      CastPlan plan = pass.plan(pass.usual());
      assertThat(plan.casts()).hasSize(4);
      new PlanChecker(request.change().pinned(pass.kept()).request(), plan).check("unkept");
      assertThat(plan.casts().stream().filter(CastPlan.PlannedCast::pinned))
          .hasSize(pass.kept().size());
      return pass.unkept().toList().stream().map(Finding::code).toList();
    } catch (RefusedException e) {
      return e.findings().stream().map(Finding::code).toList();
    }
  }

  @Test
  void namesThatLeadNowhereAndStepsThatCannotBeAreAllTold() {
    assertThatThrownBy(
            () ->
                PlanRequest.fresh(
                    RandomShop.START,
                    WEEK,
                    1,
                    List.of(new PlanMould("bowl", 1, 30, 0)),
                    List.of(new PlanStation("bath", 20)),
                    List.of(
                        new PlanProduct(
                            "bowl",
                            "cup",
                            null,
                            0,
                            null,
                            List.of(
                                RandomShop.work("pour", 600, 1, 0, true),
                                RandomShop.wait("bath", 24, "pond")))),
                    List.of(new Demand("1", "vase", 1, RandomShop.START.toLocalDate(), 1, null))))
        .isInstanceOfSatisfying(
            RefusedException.class, e -> assertThat(e.findings()).hasSizeGreaterThanOrEqualTo(4));
    assertThatThrownBy(
            () -> new PlanStep("pour", Double.POSITIVE_INFINITY, 0, null, 1, 0, true, null))
        .isInstanceOf(RefusedException.class);
  }

  private static PlanRequest bowls(int copies, int quantity) {
    return PlanRequest.fresh(
        RandomShop.START,
        WEEK,
        1,
        List.of(new PlanMould("bowl", copies, 1, 0)),
        List.of(new PlanStation("bath", 20)),
        List.of(
            new PlanProduct(
                "bowl",
                "bowl",
                "chalk",
                1,
                null,
                List.of(
                    RandomShop.work("pour", 12, 1, 0, false),
                    RandomShop.wait("set", 3, null),
                    RandomShop.work("demould", 4, 1, 0, true),
                    RandomShop.wait("bath", 24, "bath"),
                    RandomShop.wait("dry", 168, null),
                    RandomShop.work("seal", 3, 2, 15, false),
                    RandomShop.wait("rest", 24, null)))),
        List.of(
            new Demand(
                "1001", "bowl", quantity, RandomShop.START.toLocalDate().plusDays(19), 1, null)));
  }
}
