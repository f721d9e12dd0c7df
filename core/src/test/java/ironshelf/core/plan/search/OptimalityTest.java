package ironshelf.core.plan.search;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.ExactBatches;
import ironshelf.core.plan.ExactPlans;
import ironshelf.core.plan.ExactShops;
import ironshelf.core.plan.PlanChecker;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.RandomShop;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Plans of small shops against solvers that prove theirs to be the best. */
@Tag("accuracy")
class OptimalityTest {

  /** How many small shops; more of them by the system property {@code ironshelf.shops}. */
  private static final int SHOPS = Integer.getInteger("ironshelf.shops", 4);

  private static final long LOOKS = 400;

  /**
   * Sixty small instances against OR-Tools CP-SAT: casts over one copy or two. Local search proves
   * nothing, so the gap is told where there is one, and most must have none.
   */
  @Test
  void sixtySmallPlansAgainstTheExactSolver() {
    List<String> gaps = new ArrayList<>();
    for (long seed = 100; seed < 160; seed++) {
      int copies = 1 + (int) (seed % 2);
      PlanRequest request = ExactPlans.machines(new Random(seed), copies, 6);
      double best = ExactPlans.exactLateDays(request, copies);
      double found = new PlanSearch(request, List.of()).search(LOOKS).totalWeightedLateDays();
      assertThat(found).as("seed %d", seed).isGreaterThanOrEqualTo(best);
      if (found > best) {
        gaps.add("seed " + seed + ": " + found + " late days, best " + best);
      }
    }
    System.out.println("Gaps to the exact solver, of 60: " + gaps);
    assertThat(gaps).hasSizeLessThanOrEqualTo(3);
  }

  /**
   * Shops of ten to twenty casts with people and opening hours, against OR-Tools CP-SAT with all of
   * it in the model: never below what is proven, and nearly always equal.
   */
  @Test
  void smallShopsWithPeopleAndHoursAgainstTheExactSolver() {
    int proven = 0;
    List<String> gaps = new ArrayList<>();
    for (long seed = 300; seed < 300 + SHOPS; seed++) {
      PlanRequest request = RandomShop.ofPeople(seed, 12 + (int) (seed % 9));
      OptionalDouble best = ExactShops.leastLateDays(request, 4);
      if (best.isEmpty()) {
        continue;
      }
      proven++;
      CastPlan plan = new PlanSearch(request, List.of()).search(4_000);
      assertThat(plan.totalWeightedLateDays())
          .as("seed %d", seed)
          .isGreaterThanOrEqualTo(best.getAsDouble() - 1e-6);
      assertThat(plan.lowerBoundLateDays())
          .as("seed %d", seed)
          .isLessThanOrEqualTo(best.getAsDouble() + 1e-6);
      if (plan.totalWeightedLateDays() > best.getAsDouble() + 1e-6) {
        gaps.add("seed " + seed + ": " + plan.totalWeightedLateDays() + ", best " + best);
      }
    }
    System.out.println("Gaps to the exact solver, of " + proven + " proven: " + gaps);
    assertThat(proven).isGreaterThanOrEqualTo(SHOPS / 4);
    // Whole casts in a list cannot interleave the works of two: one in eight may be missed by it.
    assertThat(gaps.size()).isLessThanOrEqualTo(Math.max(1, proven / 8));
  }

  /** Ten casts over two copies: where only late days and minutes lead the steps, none is a trap. */
  @Test
  void tenCastsAreNoTrap() {
    List<String> gaps = new ArrayList<>();
    for (long seed = 500; seed < 520; seed++) {
      PlanRequest request = ExactPlans.machines(new Random(seed), 2, 10);
      double best = ExactPlans.leastLateDaysOnTwo(request);
      double found = new PlanSearch(request, List.of()).search(20_000).totalWeightedLateDays();
      if (found > best + 1e-6) {
        gaps.add("seed " + seed + ": " + found + ", best " + best);
      }
    }
    System.out.println("Gaps of ten casts, of 20: " + gaps);
    assertThat(gaps).isEmpty();
  }

  /** Products with set times of their own in one kind of mould, with people and hours. */
  @Test
  void severalSetTimesInOneMouldAgainstTheExactSolver() {
    int proven = 0;
    List<String> gaps = new ArrayList<>();
    for (long seed = 700; seed < 706; seed++) {
      PlanRequest request = RandomShop.ofPeople(seed, 9, 1);
      OptionalDouble best = ExactShops.leastLateDays(request, 3);
      if (best.isPresent()) {
        proven++;
        double found = new PlanSearch(request, List.of()).search(4_000).totalWeightedLateDays();
        assertThat(found).as("seed %d", seed).isGreaterThanOrEqualTo(best.getAsDouble() - 1e-6);
        if (found > best.getAsDouble() + 1e-6) {
          gaps.add("seed " + seed + ": " + found + ", best " + best.getAsDouble());
        }
      }
    }
    System.out.println("Several set times, of " + proven + " proven: " + gaps);
    assertThat(proven).isGreaterThanOrEqualTo(2);
    assertThat(gaps.size()).isLessThanOrEqualTo(1);
  }

  /** Small shops that mix in bowls, with the mixes in the exact model. */
  @Test
  void smallShopsInBowlsAgainstTheExactSolver() {
    int proven = 0;
    List<String> gaps = new ArrayList<>();
    for (long seed = 900; seed < 900 + SHOPS; seed++) {
      PlanRequest request = ExactBatches.shop(seed, 7);
      OptionalDouble best = ExactBatches.leastLateDays(request, 8);
      CastPlan plan = new PlanSearch(request, List.of()).search(4_000);
      new PlanChecker(request, plan).check("seed " + seed);
      if (best.isPresent()) {
        proven++;
        assertThat(plan.totalWeightedLateDays())
            .as("seed %d", seed)
            .isGreaterThanOrEqualTo(best.getAsDouble() - 1e-6);
        if (plan.totalWeightedLateDays() > best.getAsDouble() + 1e-6) {
          gaps.add("seed " + seed + ": " + plan.totalWeightedLateDays() + ", best " + best);
        }
      }
    }
    System.out.println("Shops in bowls, of " + proven + " proven: " + gaps);
    assertThat(proven).isGreaterThanOrEqualTo(SHOPS / 4);
    assertThat(gaps.size()).isLessThanOrEqualTo(1);
  }
}
