package ironshelf.core.plan.bound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.Resources;
import ironshelf.core.plan.resource.TinyShop;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sequences on one mould against all sequences that there are. */
@Tag("accuracy")
class SlotSequenceTest {

  private static final double EXACT = 1e-9;

  /** One mould that can be filled about seven times a day, and demands with due days. */
  private static MouldClock clock(int copies, int[] casts, int[] dueDays, double[] weights) {
    List<Demand> demands = new ArrayList<>();
    for (int d = 0; d < casts.length; d++) {
      demands.add(
          new Demand(
              "o" + d,
              "p",
              casts[d],
              TinyShop.START.toLocalDate().plusDays(dueDays[d]),
              weights[d],
              null));
    }
    PlanRequest request =
        PlanRequest.fresh(
            TinyShop.START,
            TinyShop.HOURS,
            1,
            List.of(new PlanMould("tray", copies, 1, 10)),
            List.of(),
            List.of(new PlanProduct("p", "tray", null, 0, null, TinyShop.ROUTE)),
            demands);
    Instance instance = new Instance(request);
    return new MouldClock(instance, 0, Resources.empty(instance));
  }

  private static MouldClock random(Random random, int jobs) {
    int[] casts = random.ints(jobs, 1, 9).toArray();
    int days = Arrays.stream(casts).sum() / 14 + 1;
    return clock(
        1,
        casts,
        random.ints(jobs, 0, days + 1).toArray(),
        random.ints(jobs, 1, 4).asDoubleStream().toArray());
  }

  /** Held and Karp's sum over subsets against each permutation. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void fewDemandsAreSequencedAtLeastCost(long seed) {
    MouldClock clock = random(new Random(seed), 6);
    SlotSequence.Found found = new SlotSequence(clock).bounded();
    double least = least(clock, new ArrayList<>(), 0, 0);
    assertThat(found.bound()).isEqualTo(found.cost()).isCloseTo(least, within(EXACT));
    assertThat(cost(clock, found.sequence())).isCloseTo(least, within(EXACT));
  }

  /** By exchange alone a sequence of six is found that is at most a tenth worse. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void theQuickSequenceIsCloseToTheBest(long seed) {
    MouldClock clock = random(new Random(seed), 6);
    SlotSequence.Found quick = new SlotSequence(clock).good();
    double least = least(clock, new ArrayList<>(), 0, 0);
    assertThat(cost(clock, quick.sequence())).isEqualTo(quick.cost());
    assertThat(quick.sequence()).containsExactlyInAnyOrder(0, 1, 2, 3, 4, 5);
    assertThat(quick.cost()).isGreaterThanOrEqualTo(least - EXACT).isLessThanOrEqualTo(least * 1.1);
  }

  /**
   * What is relaxed is never above what is exact: seven demands, each with a price. It is the least
   * of all fillings in which no job follows itself, however often its arrays were used before.
   */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void theRelaxationIsALowerBoundAtAnyPrice(long seed) {
    Random random = new Random(seed);
    MouldClock clock = random(random, 7);
    int jobs = clock.demands.length;
    int[] size = new int[jobs];
    double[][] cost = new double[jobs][clock.casts() + 1];
    for (int j = 0; j < jobs; j++) {
      size[j] = clock.castsOf(j);
      for (int end = size[j]; end <= clock.casts(); end++) {
        cost[j][end] = clock.cost(j, end - 1);
      }
    }
    double least = least(clock, new ArrayList<>(), 0, 0);
    Relaxation relaxation = new Relaxation(clock.casts(), size, cost);
    for (int i = 0; i < 20; i++) {
      double[] price = random.doubles(jobs, -2, 4).toArray();
      assertThat(relaxation.solve(price))
          .isLessThanOrEqualTo(least + EXACT)
          .isCloseTo(filled(size, cost, price) + Arrays.stream(price).sum(), within(EXACT));
      int filled = 0;
      for (int j = 0; j < jobs; j++) {
        filled += relaxation.count[j] * size[j];
      }
      assertThat(filled).as("all slots are filled").isEqualTo(clock.casts());
    }
  }

  /** The least cost less prices of all slots, from the last job of each filling backwards. */
  private static double filled(int[] size, double[][] cost, double[] price) {
    int slots = cost[0].length - 1;
    int none = size.length;
    double[][] least = new double[slots + 1][none + 1];
    for (int end = 1; end <= slots; end++) {
      for (int next = 0; next <= none; next++) {
        least[end][next] = Double.POSITIVE_INFINITY;
        for (int j = 0; j < none; j++) {
          if (j != next && size[j] <= end) {
            double with = least[end - size[j]][j] + cost[j][end] - price[j];
            least[end][next] = Math.min(least[end][next], with);
          }
        }
      }
    }
    return least[slots][none];
  }

  /**
   * Twenty equal demands, more than are solved exactly: any sequence by due day is best, so that
   * the sum over the slots is known.
   */
  @Test
  void manyEqualDemandsCostWhatTheirSlotsCost() {
    int jobs = 20;
    int[] casts = new int[jobs];
    Arrays.fill(casts, 7);
    double[] weights = new double[jobs];
    Arrays.fill(weights, 1);
    MouldClock clock = clock(1, casts, new int[jobs], weights);
    double expected = 0;
    for (int j = 0; j < jobs; j++) {
      expected += clock.cost(0, 7 * (j + 1) - 1);
    }
    SlotSequence.Found found = new SlotSequence(clock).bounded();
    assertThat(found.cost()).isEqualTo(expected);
    assertThat(found.bound()).isLessThanOrEqualTo(expected).isGreaterThan(expected * 0.9);
  }

  /** Eighteen demands, more than are solved exactly, against all their subsets. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void manyDemandsAreSequencedWellAndBoundedClosely(long seed) {
    MouldClock clock = random(new Random(seed), 18);
    SlotSequence.Found found = new SlotSequence(clock).bounded();
    double least = leastOfSubsets(clock);
    assertThat(cost(clock, found.sequence())).isEqualTo(found.cost());
    assertThat(found.cost()).isBetween(least - EXACT, least * 1.02);
    assertThat(found.bound()).isBetween(least * 0.95, least + EXACT);
  }

  /** The least cost of each set of demands that come first, from smaller sets to larger ones. */
  private static double leastOfSubsets(MouldClock clock) {
    int jobs = clock.demands.length;
    double[] least = new double[1 << jobs];
    Arrays.fill(least, Double.MAX_VALUE);
    least[0] = 0;
    for (int set = 0; set < least.length; set++) {
      int end = 0;
      for (int job = 0; job < jobs; job++) {
        end += (set >> job & 1) * clock.castsOf(job);
      }
      for (int job = 0; job < jobs; job++) {
        if ((set >> job & 1) == 0) {
          int with = set | 1 << job;
          double cost = least[set] + clock.cost(job, end + clock.castsOf(job) - 1);
          least[with] = Math.min(least[with], cost);
        }
      }
    }
    return least[least.length - 1];
  }

  /** Filled at 8:00, set by 9:10, out by 9:15, washed by 9:25; two copies twice as often. */
  @Test
  void aMouldIsFilledAgainOnceItIsWashed() {
    MouldClock one = clock(1, new int[] {8}, new int[] {0}, new double[] {1});
    assertThat(one.slot(0)).isZero();
    assertThat(one.slot(1)).isEqualTo(10 + 60 + 5 + 10);
    assertThat(one.slot(2)).isEqualTo(170);
    // At 510 minutes the seventh is in; its piece comes out the next morning.
    assertThat(one.slot(6)).isEqualTo(510);
    assertThat(one.slot(7)).isEqualTo(510 + 85);
    MouldClock two = clock(2, new int[] {4}, new int[] {0}, new double[] {1});
    assertThat(two.slot(1)).isZero();
    assertThat(two.slot(3)).isEqualTo(85);
    assertThat(two.casts()).isEqualTo(4);
  }

  @Test
  void aDayLateCostsItsWeight() {
    MouldClock clock = clock(1, new int[] {16}, new int[] {1}, new double[] {3});
    assertThat(clock.cost(0, 6)).isZero();
    assertThat(clock.cost(0, 13)).isZero();
    assertThat(clock.cost(0, 15)).isEqualTo(3);
  }

  private static double cost(MouldClock clock, List<Integer> sequence) {
    double cost = 0;
    int end = 0;
    for (int job : sequence) {
      end += clock.castsOf(job);
      cost += clock.cost(job, end - 1);
    }
    return cost;
  }

  private static double least(MouldClock clock, List<Integer> done, int end, double soFar) {
    if (done.size() == clock.demands.length) {
      return soFar;
    }
    double least = Double.MAX_VALUE;
    for (int job = 0; job < clock.demands.length; job++) {
      if (done.contains(job)) {
        continue;
      }
      int at = end + clock.castsOf(job);
      done.add(job);
      least = Math.min(least, least(clock, done, at, soFar + clock.cost(job, at - 1)));
      done.remove(done.size() - 1);
    }
    return least;
  }
}
