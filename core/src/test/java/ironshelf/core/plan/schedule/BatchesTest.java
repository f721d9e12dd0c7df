package ironshelf.core.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.PlanChecker;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.search.PlanSearch;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Plans in mixes, against a checker that is written apart. */
@Tag("accuracy")
class BatchesTest {

  /** How many workshops; more of them by the system property {@code ironshelf.workshops}. */
  private static final int WORKSHOPS = Integer.getInteger("ironshelf.workshops", 100);

  private static final int BLOCKS = 10;

  @ParameterizedTest
  @ValueSource(longs = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9})
  void everyPlanOfAWorkshopIsFeasible(long block) {
    for (long seed = block * 100; seed < block * 100 + WORKSHOPS / BLOCKS; seed++) {
      boolean parts = seed % 4 == 0;
      PlanRequest request = RandomShop.inBowls(seed, 1 + (int) (seed % (parts ? 4 : 12)), parts);
      PlanSearch search = new PlanSearch(request, List.of());
      CastPlan first = search.first();
      new PlanChecker(request, first).check("seed " + seed);
      assertThat(first.lowerBoundLateDays())
          .as("seed %d", seed)
          .isLessThanOrEqualTo(first.totalWeightedLateDays());
      if (seed % 10 == 0) {
        CastPlan found = search.search(40);
        new PlanChecker(request, found).check("seed " + seed + " searched");
        assertThat(found.outcome()).isLessThanOrEqualTo(first.outcome());
      }
    }
  }

  /** What was planned before is laid the same again: nothing moves by itself. */
  @ParameterizedTest
  @ValueSource(longs = {3, 5, 9, 14})
  void aPlanIsLaidAgainAsItWas(long seed) {
    PlanRequest request = RandomShop.inBowls(seed, 8, false);
    CastPlan plan = new PlanSearch(request, List.of()).first();
    ScheduleBuilder builder = new ScheduleBuilder(request);
    assertThat(builder.plan(builder.asIn(plan.casts()))).isEqualTo(plan);
  }
}
