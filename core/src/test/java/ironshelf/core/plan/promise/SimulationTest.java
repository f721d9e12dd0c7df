package ironshelf.core.plan.promise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.promise.Simulation.Asked;
import ironshelf.core.plan.promise.Simulation.OrderChance;
import ironshelf.core.plan.promise.Simulation.SimulateRequest;
import ironshelf.core.plan.promise.Simulation.Spread;
import ironshelf.core.plan.search.PlanSearch;
import ironshelf.core.quantity.RefusedException;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

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
