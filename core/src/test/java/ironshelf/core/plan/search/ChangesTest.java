package ironshelf.core.plan.search;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.TinyShop;
import ironshelf.core.plan.schedule.Job;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Queue;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Each kind of change of a list by hand, where what it draws is given. */
class ChangesTest {

  private static final int PULL = 0;
  private static final int EXCHANGE = 2;
  private static final int PULL_ALL = 3;
  private static final int FILL_UP = 4;
  private static final int EXCHANGE_CASTS = 5;
  private static final int EMPTY = 6;
  private static final int SPLIT = 7;

  private static final int NO = 0;
  private static final int YES = 1;

  /** Draws these, one after the other: a number, yes or no, or a share in hundredths. */
  private static final class Given extends Random {

    private static final long serialVersionUID = 1;

    private final transient Queue<Integer> draws = new ArrayDeque<>();

    Given(int... draws) {
      Arrays.stream(draws).forEach(this.draws::add);
    }

    @Override
    public int nextInt(int bound) {
      int drawn = draws.remove();
      assertThat(drawn).isLessThan(bound);
      return drawn;
    }

    @Override
    public boolean nextBoolean() {
      return draws.remove() == YES;
    }

    @Override
    public double nextDouble() {
      return draws.remove() / 100.0;
    }
  }

  /** Twelve demands; where a cast has litres, from a mixer of 12 L, in six copies. */
  private static Instance instance(Double litres) {
    List<Demand> demands =
        IntStream.range(0, 12)
            .mapToObj(
                d -> new Demand("o" + d, "p", 1, TinyShop.START.toLocalDate().plusDays(9), 1, null))
            .toList();
    PlanMould mould = new PlanMould("tray", 6, 1, 5);
    if (litres == null) {
      PlanProduct product = new PlanProduct("p", "tray", null, 0, null, TinyShop.ROUTE);
      return new Instance(
          PlanRequest.fresh(
              TinyShop.START,
              TinyShop.HOURS,
              1,
              List.of(mould),
              List.of(),
              List.of(product),
              demands));
    }
    PlanProduct product =
        new PlanProduct("p", "tray", "chalk", 0, null, TinyShop.ROUTE, "r", litres, null, null);
    return new Instance(
        new PlanRequest(
            TinyShop.START,
            TinyShop.HOURS,
            1,
            List.of(mould),
            List.of(),
            List.of(product),
            demands,
            0,
            null,
            null,
            List.of(new PlanMixer("mixer", 12)),
            List.of(new PlanRecipe("r", 5, 240.0, 0, 0, 6, null)),
            0));
  }

  private static List<Double> lateness(double... ofFirst) {
    List<Double> lateness = new ArrayList<>(Collections.nCopies(12, 0.0));
    for (int d = 0; d < ofFirst.length; d++) {
      lateness.set(d, ofFirst[d]);
    }
    return lateness;
  }

  private static List<List<Integer>> changed(
      Instance instance, List<List<Integer>> jobs, List<Double> lateness, int... draws) {
    Given given = new Given(draws);
    List<Job> changed =
        new Neighbourhood(instance, given).change(jobs.stream().map(Job::of).toList(), lateness);
    assertThat(given.draws).as("all is drawn").isEmpty();
    return changed.stream().map(Job::demands).toList();
  }

  /** Demands of one cast each, of which each is a job. */
  private static List<Integer> alone(List<Double> lateness, int... draws) {
    return changed(
            instance(null), IntStream.range(0, 12).mapToObj(List::of).toList(), lateness, draws)
        .stream()
        .map(demands -> demands.get(0))
        .toList();
  }

  /** Where nothing is late the place is drawn; then how far, and whether later. */
  @Test
  void aJobIsPulledEarlierOrSometimesLater() {
    assertThat(alone(lateness(), PULL, 5, 2, 1))
        .containsExactly(0, 1, 5, 2, 3, 4, 6, 7, 8, 9, 10, 11);
    assertThat(alone(lateness(), PULL, 5, 2, 0))
        .containsExactly(0, 1, 2, 3, 4, 6, 7, 8, 5, 9, 10, 11);
    assertThat(alone(lateness(), PULL, 1, 3, 1))
        .containsExactly(1, 0, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11);
    assertThat(alone(lateness(), PULL, 9, 3, 0))
        .containsExactly(0, 1, 2, 3, 4, 5, 6, 7, 8, 10, 11, 9);
  }

  /** Two days late and one: a draw below two thirds is the first of them, one above the second. */
  @Test
  void whatIsLaterIsDrawnMoreOften() {
    List<Double> late = lateness(0, 0, 2, 0, 1);
    assertThat(alone(late, PULL, 1, 0, 0, 0, 1)).startsWith(0, 2, 1);
    assertThat(alone(late, PULL, 1, 66, 0, 0, 1)).startsWith(0, 2, 1);
    assertThat(alone(late, PULL, 1, 67, 0, 0, 1)).startsWith(0, 1, 2, 4, 3);
    assertThat(alone(late, PULL, 1, 99, 0, 0, 1)).startsWith(0, 1, 2, 4, 3);
    // One draw in five is any job.
    assertThat(alone(late, PULL, 0, 1, 0, 1)).startsWith(1, 0);
  }

  @Test
  void twoJobsChangePlaces() {
    assertThat(alone(lateness(), EXCHANGE, 3, 1))
        .containsExactly(0, 1, 2, 5, 4, 3, 6, 7, 8, 9, 10, 11);
    assertThat(alone(lateness(), EXCHANGE, 10, 2))
        .containsExactly(0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 11, 10);
  }

  @Test
  void allJobsOfALateDemandArePulledByAsMuch() {
    List<List<Integer>> jobs =
        List.of(List.of(1), List.of(0), List.of(2), List.of(0), List.of(3), List.of(0));
    assertThat(changed(instance(null), jobs, lateness(1), PULL_ALL, 1, 0, 2, 0))
        .containsExactly(List.of(0), List.of(1), List.of(0), List.of(2), List.of(0), List.of(3));
  }

  /** Five litres each: a mixer of twelve takes two. */
  @Test
  void aCastGoesToAMixWithRoom() {
    List<List<Integer>> jobs = List.of(List.of(0), List.of(1), List.of(2, 3));
    Instance two = instance(5.0);
    assertThat(changed(two, jobs, lateness(), FILL_UP, 0, 0, 0, YES, NO))
        .containsExactly(List.of(1, 0), List.of(2, 3));
    assertThat(changed(two, jobs, lateness(), FILL_UP, 1, 0, 0, NO, NO))
        .containsExactly(List.of(0, 1), List.of(2, 3));
    // A draw of 0.9 is three places on, the last; it is full.
    assertThat(changed(two, jobs, lateness(), FILL_UP, 0, 0, 90, YES, NO)).isEqualTo(jobs);
    // Before the first there is none.
    assertThat(changed(two, jobs, lateness(), FILL_UP, 0, 0, 0, NO)).isEqualTo(jobs);
    assertThat(changed(two, List.of(List.of(0)), lateness(), FILL_UP, 0, 0))
        .containsExactly(List.of(0));
  }

  /** Four litres each: a mix of three. */
  @Test
  void oneCastOfADemandGoesOrAllOfThem() {
    List<List<Integer>> jobs = List.of(List.of(0, 0), List.of(1));
    Instance three = instance(4.0);
    assertThat(changed(three, jobs, lateness(), FILL_UP, 0, 1, 0, YES, NO))
        .containsExactly(List.of(0), List.of(1, 0));
    assertThat(changed(three, jobs, lateness(), FILL_UP, 0, 1, 0, YES, YES))
        .containsExactly(List.of(1, 0, 0));
    assertThat(changed(instance(5.0), jobs, lateness(), FILL_UP, 0, 1, 0, YES, YES))
        .as("as many as it holds")
        .containsExactly(List.of(0), List.of(1, 0));
  }

  @Test
  void twoCastsChangeMixes() {
    List<List<Integer>> jobs = List.of(List.of(0, 1), List.of(2, 3));
    assertThat(changed(instance(5.0), jobs, lateness(), EXCHANGE_CASTS, 0, 1, 1, 0))
        .containsExactly(List.of(0, 2), List.of(1, 3));
    assertThat(changed(instance(5.0), jobs, lateness(), EXCHANGE_CASTS, 0, 0)).isEqualTo(jobs);
  }

  /** Into the mix next to it, the one before or the one after, as far as they have room. */
  @Test
  void aMixIsEmptiedIntoOthers() {
    List<List<Integer>> jobs = List.of(List.of(0, 1), List.of(2), List.of(3), List.of(4, 5));
    assertThat(changed(instance(4.0), jobs, lateness(), EMPTY, 1, NO))
        .containsExactly(List.of(0, 1, 2), List.of(3), List.of(4, 5));
    assertThat(changed(instance(4.0), jobs, lateness(), EMPTY, 1, YES))
        .containsExactly(List.of(0, 1), List.of(3, 2), List.of(4, 5));
    assertThat(
            changed(
                instance(5.0),
                List.of(List.of(0, 1), List.of(2, 3), List.of(4)),
                lateness(),
                EMPTY,
                0,
                NO))
        .containsExactly(List.of(0), List.of(2, 3), List.of(4, 1));
  }

  @Test
  void castsOfALateDemandAreSplitOffAndPutEarlier() {
    Instance three = instance(4.0);
    assertThat(
            changed(
                three,
                List.of(List.of(2), List.of(0, 1, 0), List.of(3), List.of(4)),
                lateness(1),
                SPLIT,
                1,
                0,
                0,
                2,
                1))
        .containsExactly(List.of(0, 0), List.of(2), List.of(1), List.of(3), List.of(4));
    // Nothing would be left.
    assertThat(changed(three, List.of(List.of(0), List.of(1)), lateness(), SPLIT, 0, 0))
        .containsExactly(List.of(0), List.of(1));
  }

  @Test
  void aShakenListHasTwoToFiveJobsElsewhere() {
    Given given = new Given(0, 0, 3, 5, 1);
    List<Job> jobs = IntStream.range(0, 6).mapToObj(d -> Job.of(d, 1)).toList();
    assertThat(new Neighbourhood(instance(null), given).shaken(jobs))
        .extracting(job -> job.demand(0))
        .containsExactly(1, 5, 2, 3, 0, 4);
    assertThat(given.draws).isEmpty();
  }
}
