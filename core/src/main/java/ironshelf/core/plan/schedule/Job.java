package ironshelf.core.plan.schedule;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * Casts that are laid one after the other, or filled from one mix: what a schedule is a list of.
 * The numbers are those of their demands in the request, from 0.
 */
public final class Job {

  private final int[] demands;

  private Job(int[] demands) {
    this.demands = demands;
  }

  /** So many casts of one demand. */
  public static Job of(int demand, int casts) {
    int[] own = new int[casts];
    Arrays.fill(own, demand);
    return new Job(own);
  }

  /** Casts of several demands, in the order in which they are filled. */
  public static Job of(List<Integer> demands) {
    return new Job(demands.stream().mapToInt(d -> d).toArray());
  }

  public int casts() {
    return demands.length;
  }

  /** The demand of a cast. */
  public int demand(int cast) {
    return demands[cast];
  }

  public List<Integer> demands() {
    return Collections.unmodifiableList(Arrays.stream(demands).boxed().toList());
  }
}
