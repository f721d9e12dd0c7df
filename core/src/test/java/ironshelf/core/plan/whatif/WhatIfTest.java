package ironshelf.core.plan.whatif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.PlanChecker;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.search.PlanSearch;
import ironshelf.core.quantity.RefusedException;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A changed shop, by hand and at random. */
@Tag("accuracy")
class WhatIfTest {

  private static final LocalDateTime START = LocalDateTime.of(2027, 3, 1, 7, 0);
  private static final WhatIf NOTHING = new WhatIf(Map.of(), 0, 0, null, null);

  /** Four casts of a mould with one copy that needs 30 h to set, due on the second day. */
  private static PlanRequest oneCopy() {
    return PlanRequest.fresh(
        START,
        new OpenHours(
            List.of(DayOfWeek.values()), LocalTime.of(7, 0), LocalTime.of(17, 0), List.of()),
        1,
        List.of(new PlanMould("m", 1, 1, 0)),
        List.of(),
        List.of(
            new PlanProduct(
                "p",
                "m",
                null,
                0,
                null,
                List.of(
                    new PlanStep("pour", 10, 0, null, 1, 0, false, false),
                    new PlanStep("set", 0, 30, null, 1, 0, false, false),
                    new PlanStep("demould", 5, 0, null, 1, 0, true, false)))),
        List.of(new Demand("o", "p", 4, START.toLocalDate().plusDays(1), 1, null)));
  }

  /** By hand: a cast is out on the day after; one copy: ready on the 8th day, 4 copies: the 2nd. */
  @Test
  void copiesByHand() {
    WhatIf.Tried three = NOTHING.copies("m", 3).in(oneCopy(), List.of());
    assertThat(three.before().totalWeightedLateDays()).isGreaterThan(2);
    assertThat(three.after().totalWeightedLateDays()).isZero();
  }

  /** A tent in which a third of the time is enough: out the same day it was poured, at 17:00. */
  @Test
  void aTentByHand() {
    WhatIf tent = new WhatIf(Map.of(), 0, 0, null, new WarmPlace(1, 0.3));
    WhatIf.Tried tried = tent.in(oneCopy(), List.of());
    assertThat(tried.inWarmPlace()).containsExactly("p");
    // Poured at 07:00, 9 h in the tent, out at 16:10: one a day in place of one in two.
    assertThat(tried.after().casts().get(0).demouldAt()).isEqualTo(START.plusMinutes(10 + 540 + 5));
    assertThat(tried.after().totalWeightedLateDays())
        .isLessThan(tried.before().totalWeightedLateDays());
  }

  /** What is there more never makes it worse, and the plan is one that can be done. */
  @Test
  void neverWorseAndFeasible() {
    for (long seed = 0; seed < 60; seed++) {
      PlanRequest request = RandomShop.inBowls(seed, 1 + (int) (seed % 9), false);
      List<CastPlan.PlannedCast> known = new PlanSearch(request, List.of()).first().casts();
      WhatIf all =
          new WhatIf(
              Map.of("m0", 2), 1, 60, DayOfWeek.SUNDAY, new WarmPlace(4, 0.2 + seed % 7 / 10.0));
      WhatIf.Tried tried = all.in(request, known);
      assertThat(tried.after().outcome())
          .as("seed %d", seed)
          .isLessThanOrEqualTo(tried.before().outcome());
      new PlanChecker(request, tried.before()).check("seed " + seed);
    }
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> new WarmPlace(0, 0.5)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new WarmPlace(3, 1.2)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> NOTHING.copies("m", 0)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> NOTHING.people(11)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> NOTHING.longer(-5)).isInstanceOf(RefusedException.class);
  }
}
