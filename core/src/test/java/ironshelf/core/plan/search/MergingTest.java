package ironshelf.core.plan.search;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.resource.TinyShop;
import ironshelf.core.plan.schedule.Job;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What could be one mix is one, and a plan of many that people know is given up for it. */
class MergingTest {

  private static final LocalDateTime START = LocalDateTime.of(2027, 3, 1, 7, 0);

  /** Six bowls of 1 L in six copies, each ordered by itself; the mixer takes all of them. */
  private static PlanRequest sixBowls(double hourWeighs) {
    return sixBowls(hourWeighs, 1);
  }

  private static PlanRequest sixBowls(double hourWeighs, double litres) {
    List<Demand> demands =
        IntStream.range(0, 6)
            .mapToObj(d -> new Demand("o" + d, "bowl", 1, START.toLocalDate().plusDays(9), 1, null))
            .toList();
    List<PlanStep> route =
        List.of(
            new PlanStep("pour", 2, 0, null, 1, 0, false, false),
            new PlanStep("set", 0, 20, null, 1, 0, false, false),
            new PlanStep("demould", 3, 0, null, 1, 0, true, false));
    return new PlanRequest(
        START,
        new OpenHours(
            List.of(DayOfWeek.values()), LocalTime.of(7, 0), LocalTime.of(16, 0), List.of()),
        1,
        List.of(new PlanMould("m", 6, 1, 5)),
        List.of(),
        List.of(new PlanProduct("bowl", "m", "chalk", 0, null, route, "r", litres, null, null)),
        demands,
        0,
        null,
        null,
        List.of(new PlanMixer("mixer", 12)),
        List.of(new PlanRecipe("r", 5, 30.0, 0, 0, 6, null)),
        hourWeighs);
  }

  private static List<Job> sixJobs() {
    return IntStream.range(0, 6).mapToObj(d -> Job.of(d, 1)).toList();
  }

  private static CastPlan oneByOne(PlanRequest request) {
    return new ScheduleBuilder(request).plan(sixJobs());
  }

  private static List<List<Integer>> merged(PlanRequest request, List<Job> jobs) {
    ScheduleBuilder builder = new ScheduleBuilder(request);
    List<Job> merged = Merging.merged(builder, jobs, builder.outcome(jobs));
    assertThat(builder.outcome(merged)).isLessThanOrEqualTo(builder.outcome(jobs));
    return merged.stream().map(Job::demands).toList();
  }

  @Test
  void successiveMixesBecomeOne() {
    assertThat(merged(sixBowls(0), sixJobs())).containsExactly(List.of(0, 1, 2, 3, 4, 5));
    // Its mixer holds twelve litres, and a mix is made of no more.
    assertThat(merged(sixBowls(0, 5), sixJobs()))
        .containsExactly(List.of(0, 1), List.of(2, 3), List.of(4, 5));
  }

  /** Where each cast is mixed by itself there is nothing to merge. */
  @Test
  void withoutMixersNothingIsMerged() {
    PlanRequest alone = RandomShop.of(3, 5);
    ScheduleBuilder builder = new ScheduleBuilder(alone);
    List<Job> jobs = builder.usual();
    assertThat(Merging.merged(builder, jobs, builder.outcome(jobs))).isSameAs(jobs);
  }

  /**
   * Of six copies one is free, the others from the sixth day on: due on the second, one is made.
   */
  @Test
  void whatWouldBeLateIsNotMerged() {
    List<BegunCast> begun =
        IntStream.rangeClosed(2, 6).mapToObj(copy -> TinyShop.full("m", copy, 120, 3)).toList();
    List<Demand> demands = new ArrayList<>(sixBowls(0).demands());
    demands.set(0, new Demand("o0", "bowl", 1, START.toLocalDate().plusDays(1), 1, null));
    PlanRequest request = sixBowls(0).change().begun(begun).demands(demands).request();
    assertThat(merged(request, sixJobs()).get(0)).containsExactly(0);
  }

  @Test
  void whatCanBeOneMixIsOne() {
    assertThat(oneByOne(sixBowls(0)).mixes()).hasSize(6);
    CastPlan first = new PlanSearch(sixBowls(0), List.of()).first();
    // 5 to mix, six times 2 to fill, 6 to wash.
    assertThat(first.mixes()).hasSize(1);
    assertThat(first.outcome().minutes()).isEqualTo(23);
  }

  /** What comes in beside a known plan is mixed together too. */
  @Test
  void aNewLineIsMixedTogether() {
    PlanRequest request = sixBowls(0);
    Demand more = new Demand("new", "bowl", 5, START.toLocalDate().plusDays(9), 1, null);
    CastPlan known = new PlanSearch(request, List.of()).first();
    List<Demand> demands = new ArrayList<>(request.demands());
    demands.add(more);
    PlanRequest larger = request.change().demands(demands).request();
    assertThat(new PlanSearch(larger, known.casts()).first().mixes()).hasSize(2);
  }

  /** Where an hour of work is worth something, a plan of six mixes is not kept for being known. */
  @Test
  void aKnownPlanIsGivenUpForWhatIsWorthIt() {
    PlanRequest costs = sixBowls(1);
    assertThat(new PlanSearch(costs, oneByOne(costs).casts()).first().mixes()).hasSize(1);
    PlanRequest free = sixBowls(0);
    assertThat(new PlanSearch(free, oneByOne(free).casts()).first().mixes()).hasSize(6);
  }
}
