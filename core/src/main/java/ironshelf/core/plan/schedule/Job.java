package ironshelf.core.plan.schedule;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * Casts that are scheduled together: one directly after the other, or filled from one mix. A list
 * of jobs is what a search changes and a {@link ScheduleBuilder} places. A cast is known by the
 * number of its demand in the request, from 0.
 */
public final class Job {

  private final int[] demands;

  private Job(int[] demands) {
    this.demands = demands;
  }

  /** Returns a job of several casts of one demand. */
  public static Job of(int demand, int casts) {
    int[] own = new int[casts];
    Arrays.fill(own, demand);
    return new Job(own);
  }

  /** Returns a job of casts of several demands, in the order in which they are filled. */
  public static Job of(List<Integer> demands) {
    return new Job(demands.stream().mapToInt(d -> d).toArray());
  }

  public int casts() {
    return demands.length;
  }

  /** Returns the demand of a cast, both numbered from 0. */
  public int demand(int cast) {
    return demands[cast];
  }

  public List<Integer> demands() {
    return Collections.unmodifiableList(Arrays.stream(demands).boxed().toList());
  }
}
