package ironshelf.core.plan.promise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.promise.Simulation.Asked;
import ironshelf.core.plan.promise.Simulation.OrderChance;
import ironshelf.core.plan.promise.Simulation.SimulateRequest;
import ironshelf.core.plan.promise.Simulation.Spread;
import ironshelf.core.plan.promise.Simulation.WeeksOn;
import ironshelf.core.plan.resource.TinyShop;
import ironshelf.core.plan.search.PlanSearch;
import ironshelf.core.quantity.RefusedException;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How often dates are kept, in weeks drawn from given spreads. */
@Tag("accuracy")
class SimulationTest {

  private static final Spread NONE = new Spread(0, 0, 0);

  /** Where nothing varies every week is the plan. */
  @Test
  void withoutSpreadItIsThePlan() {
    PlanRequest request = RandomShop.inBowls(11, 6, false);
    CastPlan plan = new PlanSearch(request, List.of()).first();
    Simulation simulated =
        Simulation.of(new SimulateRequest(request, 10, NONE, null, null), plan.casts());
    for (CastPlan.PlannedOrder order : plan.orders()) {
      OrderChance chance = chance(simulated, order.order());
      assertThat(chance.nineOfTen()).isEqualTo(order.readyAt().toLocalDate());
      assertThat(chance.onTime()).isEqualTo(order.lateDays() == 0 ? 1 : 0);
    }
  }

  /**
   * The date that is kept in nine of ten of some weeks is kept in about nine of ten of others;
   * dates are whole days, so that it may be kept more often, never much less.
   */
  @Test
  void nineOfTenAreNineOfTenInOtherWeeksToo() {
    double kept = 0;
    int asked = 0;
    for (long seed = 1; seed <= 6; seed++) {
      PlanRequest request = RandomShop.inBowls(seed, 8, false);
      List<CastPlan.PlannedCast> casts = new PlanSearch(request, List.of()).first().casts();
      Simulation first = Simulation.of(new SimulateRequest(request, 300, null, null, 1L), casts);
      List<Asked> dates =
          first.orders().stream().map(o -> new Asked(o.order(), o.nineOfTen())).toList();
      Simulation fresh =
          Simulation.of(new SimulateRequest(request, 300, null, dates, 99_000_001L), casts);
      for (Simulation.DateChance date : fresh.dates()) {
        assertThat(date.onTime()).as("seed %d, %s", seed, date.order()).isGreaterThan(0.8);
        kept += date.onTime();
        asked++;
      }
    }
    assertThat(kept / asked).isBetween(0.88, 0.98);
  }

  /** What is told of an order comes from how often it is ready on each date. */
  @ParameterizedTest
  @ValueSource(ints = {10, 11, 40})
  void itsDatesAreCountedFromItsWeeks(int weeks) {
    PlanRequest request = RandomShop.inBowls(2, 8, false);
    List<CastPlan.PlannedCast> casts = new PlanSearch(request, List.of()).first().casts();
    Simulation simulated =
        Simulation.of(new SimulateRequest(request, weeks, null, null, null), casts);
    for (Demand demand : request.demands()) {
      OrderChance chance = chance(simulated, demand.order());
      assertThat(chance.ready()).isSortedAccordingTo(Comparator.comparing(WeeksOn::date));
      assertThat(by(chance, LocalDate.MAX)).isEqualTo(weeks);
      assertThat(by(chance, chance.fiveOfTen())).isGreaterThanOrEqualTo((weeks + 1) / 2);
      assertThat(by(chance, chance.fiveOfTen().minusDays(1))).isLessThan((weeks + 1) / 2);
      assertThat(by(chance, chance.nineOfTen())).isGreaterThanOrEqualTo((int) (0.9 * weeks));
      assertThat(by(chance, chance.nineOfTen().minusDays(1))).isLessThan((int) (0.9 * weeks + 1));
      assertThat(chance.onTime()).isEqualTo(by(chance, demand.due()) / (double) weeks);
    }
  }

  /** In so many weeks it is ready by a date. */
  private static int by(OrderChance chance, LocalDate date) {
    return chance.ready().stream()
        .filter(w -> !w.date().isAfter(date))
        .mapToInt(WeeksOn::weeks)
        .sum();
  }

  /**
   * By hand: four days to set, each week other ones by a tenth or so, and then 17 days to dry,
   * which are the same in all: a tenth of these would be two days more or less.
   */
  @Test
  void onlyWhatSetsInTheMouldVaries() {
    PlanRequest request =
        PlanRequest.fresh(
            TinyShop.START,
            TinyShop.HOURS,
            1,
            List.of(new PlanMould("tray", 1, 1, 10)),
            List.of(),
            List.of(
                new PlanProduct(
                    "p",
                    "tray",
                    null,
                    0,
                    null,
                    List.of(
                        RandomShop.work("pour", 10, 1, 0, false),
                        RandomShop.wait("set", 96, null),
                        RandomShop.work("demould", 5, 1, 0, true),
                        RandomShop.wait("dry", 408, null),
                        RandomShop.work("inspect", 5, 1, 0, false)))),
            List.of(new Demand("o", "p", 1, TinyShop.START.toLocalDate(), 1, null)));
    Simulation simulated =
        Simulation.of(
            new SimulateRequest(request, 200, new Spread(10, 0, 0), null, null), List.of());
    List<LocalDate> dates = chance(simulated, "o").ready().stream().map(WeeksOn::date).toList();
    assertThat(dates).hasSizeGreaterThan(1);
    LocalDate usual = TinyShop.START.toLocalDate().plusDays(21);
    assertThat(dates)
        .allSatisfy(d -> assertThat(d).isBetween(usual.minusDays(1), usual.plusDays(2)));
  }

  /** The same weeks: a shop with nobody away is nowhere later than the same one with absences. */
  @Test
  void absencesNeverHelp() {
    PlanRequest request = RandomShop.ofPeople(5, 14);
    List<CastPlan.PlannedCast> casts = new PlanSearch(request, List.of()).first().casts();
    Simulation there =
        Simulation.of(new SimulateRequest(request, 60, new Spread(0, 0, 0), null, null), casts);
    Simulation away =
        Simulation.of(new SimulateRequest(request, 60, new Spread(0, 0, 20), null, null), casts);
    for (OrderChance chance : there.orders()) {
      assertThat(chance(away, chance.order()).nineOfTen()).isAfterOrEqualTo(chance.nineOfTen());
    }
  }

  @Test
  void whatNobodyOrderedIsRefused() {
    PlanRequest request = RandomShop.of(3, 2);
    assertThatThrownBy(
            () ->
                new SimulateRequest(
                    request, 9, null, List.of(new Asked("x", LocalDate.EPOCH)), null))
        .isInstanceOfSatisfying(RefusedException.class, e -> assertThat(e.findings()).hasSize(2));
  }

  private static OrderChance chance(Simulation simulated, String order) {
    return simulated.orders().stream()
        .filter(o -> o.order().equals(order))
        .findFirst()
        .orElseThrow();
  }
}
