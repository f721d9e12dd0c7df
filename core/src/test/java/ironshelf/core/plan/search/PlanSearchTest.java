package ironshelf.core.plan.search;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.ExactPlans;
import ironshelf.core.plan.Objective;
import ironshelf.core.plan.PlanChecker;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A search is never worse than what it starts from, and the same again for the same looks. */
@Tag("accuracy")
class PlanSearchTest {

  private static final long LOOKS = 400;

  @ParameterizedTest
  @ValueSource(longs = {0, 1, 2, 3, 4, 5})
  void whatIsFoundIsFeasibleAndNeverWorse(long block) {
    for (long seed = block * 10; seed < block * 10 + 6; seed++) {
      PlanRequest request = RandomShop.of(seed, 2 + (int) (seed % 12));
      PlanSearch search = new PlanSearch(request, List.of());
      CastPlan found = search.search(60);
      new PlanChecker(request, found).check("seed " + seed);
      assertThat(found.outcome()).isLessThanOrEqualTo(search.first().outcome());
      assertThat(found.outcome()).isLessThanOrEqualTo(ScheduleBuilder.of(request).outcome());
      assertThat(found.outcome().breaches()).isEqualTo(new Objective.Breaches(0, 0, 0));
    }
  }

  /** By the clock it uses its time, and a single job needs no search. */
  @Test
  void aSearchKeepsItsTime() {
    PlanSearch search = new PlanSearch(RandomShop.of(77, 14), List.of());
    List<Objective> told = new ArrayList<>();
    long began = System.nanoTime();
    CastPlan found = search.search(Duration.ofMillis(300), told::add);
    assertThat(Duration.ofNanos(System.nanoTime() - began))
        .isGreaterThanOrEqualTo(Duration.ofMillis(300));
    assertThat(told.get(told.size() - 1)).isEqualTo(found.outcome());
    assertThat(search.search(Duration.ZERO, told::add))
        .as("goes on from the best")
        .isEqualTo(found);
    PlanRequest one = ExactPlans.machines(new Random(1), 1, 1);
    PlanSearch single = new PlanSearch(one, List.of());
    assertThat(single.search(LOOKS)).isEqualTo(single.first());
  }

  @Test
  void theSameAgainForTheSameLooks() {
    PlanRequest request = RandomShop.of(77, 14);
    assertThat(new PlanSearch(request, List.of()).search(LOOKS))
        .isEqualTo(new PlanSearch(request, List.of()).search(LOOKS));
  }

  @Test
  void aLargePlanGetsBetterAndCanBeStopped() throws InterruptedException {
    PlanSearch search = new PlanSearch(RandomShop.of(1, 80), List.of());
    List<Objective> told = new ArrayList<>();
    Thread stopper =
        new Thread(
            () -> {
              try {
                Thread.sleep(1_000);
              } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
              }
              search.stop();
            });
    stopper.start();
    CastPlan found = search.search(Duration.ofMinutes(5), told::add);
    stopper.join();
    assertThat(found.outcome()).isLessThan(search.first().outcome());
    assertThat(told).isNotEmpty().isSortedAccordingTo((a, b) -> b.compareTo(a));
  }

  /** Each rule by its name, and what it takes off; the same figures as the plan tells. */
  @Test
  void thePlanExplainsItself() {
    PlanRequest request = RandomShop.of(5, 10);
    CastPlan plan = new PlanSearch(request, List.of()).first();
    assertThat(PlanRules.of(plan.outcome()))
        .containsKeys(
            PlanRules.ONE_CAST_A_COPY,
            PlanRules.NO_MORE_HANDS,
            PlanRules.STATIONS_HOLD,
            PlanRules.LATE_DAYS,
            PlanRules.DARK_TO_LIGHT,
            PlanRules.IDLE_BINDER,
            PlanRules.EARLY)
        .containsEntry(PlanRules.DARK_TO_LIGHT, -plan.outcome().darkToLight())
        .containsEntry(PlanRules.LATE_DAYS, -Math.round(plan.totalWeightedLateDays() * 1_000))
        .containsEntry(PlanRules.NO_MORE_HANDS, 0L);
  }

  /** A plan made before is among those it starts from. */
  @Test
  void aPlanFoundOnceIsNotLost() {
    PlanRequest request = ExactPlans.machines(new Random(9), 1, 8);
    CastPlan found = new PlanSearch(request, List.of()).search(LOOKS);
    assertThat(new PlanSearch(request, found.casts()).first().outcome())
        .isLessThanOrEqualTo(found.outcome());
  }
}
