package ironshelf.core.plan.search;

import ironshelf.core.plan.Objective;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.schedule.Job;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import java.util.ArrayList;
import java.util.List;

/**
 * Merges successive mixes of a family while the plan gets no worse: sequences that are best for a
 * mould do not know about mixes.
 */
final class Merging {

  /** A first plan is waited for. */
  private static final int MOST_LOOKS = 200;

  /** The number of following mixes of a family that are tried. */
  private static final int NEXT = 3;

  private final ScheduleBuilder builder;
  private List<Job> jobs;
  private Objective objective;
  private int looks;

  private Merging(ScheduleBuilder builder, List<Job> jobs, Objective objective) {
    this.builder = builder;
    this.jobs = jobs;
    this.objective = objective;
  }

  /** Returns jobs whose plan is no worse than that of the given ones. */
  static List<Job> merged(ScheduleBuilder builder, List<Job> jobs, Objective objective) {
    if (!builder.mixes()) {
      return jobs;
    }
    Merging merging = new Merging(builder, jobs, objective);
    for (int at = 0; at < merging.jobs.size() && merging.looks < MOST_LOOKS; ) {
      at = merging.takesNext(at) ? at : at + 1;
    }
    return merging.jobs;
  }

  private boolean takesNext(int at) {
    Instance instance = builder.instance();
    int family = instance.familyOf(jobs.get(at).demand(0));
    int tried = 0;
    for (int next = at + 1; next < jobs.size() && tried < NEXT; next++) {
      if (family == Instance.NONE || instance.familyOf(jobs.get(next).demand(0)) != family) {
        continue;
      }
      tried++;
      List<Integer> casts = new ArrayList<>(jobs.get(at).demands());
      casts.addAll(jobs.get(next).demands());
      if (instance.isOneMix(casts)
          && (isKept(at, next, at, casts) || isKept(at, next, next - 1, casts))) {
        return true;
      }
    }
    return false;
  }

  /** Puts two mixes as one in a place, where that is no worse. */
  private boolean isKept(int at, int next, int to, List<Integer> casts) {
    List<Job> joined = new ArrayList<>(jobs);
    joined.remove(next);
    joined.remove(at);
    joined.add(Math.min(to, joined.size()), Job.of(casts));
    Objective found = builder.outcome(joined);
    looks++;
    if (found.compareTo(objective) > 0) {
      return false;
    }
    jobs = joined;
    objective = found;
    return true;
  }
}
