package ironshelf.core.plan.search;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.schedule.Job;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a change of a list may do: the same casts in another order or in other mixes. */
class NeighbourhoodTest {

  private static final int CHANGES = 400;

  private static List<Integer> casts(List<Job> jobs) {
    return jobs.stream().flatMap(j -> j.demands().stream()).sorted().toList();
  }

  private static List<List<Integer>> mixes(List<Job> jobs) {
    return jobs.stream().map(Job::demands).toList();
  }

  private static List<Double> onTime(Instance instance) {
    return Collections.nCopies(instance.lines.size(), 0.0);
  }

  private static List<Double> late(Instance instance, int demand) {
    List<Double> lateness = new ArrayList<>(onTime(instance));
    lateness.set(demand, 3.0);
    return lateness;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5})
  void castsMoveAndExchangeWhereEachIsMixedByItself(long seed) {
    ScheduleBuilder builder = new ScheduleBuilder(RandomShop.of(seed, 9));
    List<Job> jobs = builder.usual();
    Neighbourhood neighbourhood = new Neighbourhood(builder.instance(), new Random(seed));
    Set<List<List<Integer>>> seen = new HashSet<>();
    List<Job> now = jobs;
    for (int i = 0; i < CHANGES; i++) {
      List<Job> changed = neighbourhood.change(now, onTime(builder.instance()));
      assertThat(changed).as("change %d", i).containsExactlyInAnyOrderElementsOf(jobs);
      seen.add(mixes(changed));
      now = changed;
    }
    assertThat(seen).as("they differ").hasSizeGreaterThan(CHANGES / 2);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 6})
  void mixesStayMixesThatCanBeMade(long seed) {
    ScheduleBuilder builder = new ScheduleBuilder(RandomShop.inBowls(seed, 8, seed % 2 == 0));
    Instance instance = builder.instance();
    List<Job> jobs = builder.usual();
    Random random = new Random(seed);
    Neighbourhood neighbourhood = new Neighbourhood(instance, random);
    Set<Integer> sizes = new HashSet<>();
    List<Job> now = jobs;
    for (int i = 0; i < CHANGES; i++) {
      List<Double> lateness =
          i % 2 == 0 ? onTime(instance) : late(instance, random.nextInt(instance.lines.size()));
      List<Job> before = List.copyOf(now);
      List<Job> changed = neighbourhood.change(now, lateness);
      assertThat(now).as("the list before is not touched").isEqualTo(before);
      assertThat(casts(changed)).as("change %d", i).isEqualTo(casts(jobs));
      for (Job job : changed) {
        assertThat(job.casts()).isPositive();
        if (!before.contains(job) && instance.familyOf(job.demand(0)) != Instance.NONE) {
          assertThat(isMixable(instance, job)).as("change %d: %s", i, job.demands()).isTrue();
        }
      }
      sizes.add(changed.size());
      now = changed;
    }
    assertThat(sizes).as("mixes are emptied and split").hasSizeGreaterThan(1);
  }

  /** One cast is a mix however large it is, made in several goes; more are one go. */
  private static boolean isMixable(Instance instance, Job job) {
    Set<Integer> families = new HashSet<>();
    job.demands().forEach(demand -> families.add(instance.familyOf(demand)));
    return families.size() == 1 && (job.casts() == 1 || instance.isOneMix(job.demands()));
  }

  /** Six one-cast demands; the last is late, and is put earlier far more often than later. */
  @Test
  void whatIsLateIsPutEarlier() {
    PlanRequest request = RandomShop.of(3, 12);
    ScheduleBuilder builder = new ScheduleBuilder(request);
    List<Job> jobs =
        IntStream.range(0, builder.instance().lines.size()).mapToObj(d -> Job.of(d, 1)).toList();
    int last = jobs.size() - 1;
    int middle = jobs.size() / 2;
    Neighbourhood neighbourhood = new Neighbourhood(builder.instance(), new Random(7));
    assertThat(moved(neighbourhood, jobs, last, late(builder.instance(), last), -1))
        .isGreaterThan(CHANGES / 2);
    int earlier = moved(neighbourhood, jobs, middle, late(builder.instance(), middle), -1);
    int later = moved(neighbourhood, jobs, middle, late(builder.instance(), middle), 1);
    assertThat(earlier).isGreaterThan(3 * later);
    assertThat(later).as("sometimes later").isPositive();
    int whoever = moved(neighbourhood, jobs, last, onTime(builder.instance()), -1);
    assertThat(whoever).as("where nothing is late, any").isBetween(1, CHANGES / 3);
  }

  /** How many of the changes move a demand's job that way. */
  private static int moved(
      Neighbourhood neighbourhood, List<Job> jobs, int demand, List<Double> lateness, int way) {
    int count = 0;
    for (int i = 0; i < CHANGES; i++) {
      List<Job> changed = neighbourhood.change(jobs, lateness);
      count += Integer.signum(changed.indexOf(jobs.get(demand)) - demand) == way ? 1 : 0;
    }
    return count;
  }

  @Test
  void aShakenListHasAFewJobsElsewhere() {
    ScheduleBuilder builder = new ScheduleBuilder(RandomShop.of(3, 30));
    List<Job> jobs = builder.usual();
    Neighbourhood neighbourhood = new Neighbourhood(builder.instance(), new Random(7));
    for (int i = 0; i < 50; i++) {
      List<Job> shaken = neighbourhood.shaken(jobs);
      assertThat(shaken).containsExactlyInAnyOrderElementsOf(jobs);
      assertThat(shaken).isNotEqualTo(jobs);
    }
  }
}
