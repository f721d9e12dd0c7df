package ironshelf.core.plan.search;

import ironshelf.core.plan.Objective;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.schedule.Job;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import java.util.ArrayList;
import java.util.List;

/**
 * Joins mixes of a family that follow on each other, as long as the plan is no worse for it: the
 * best sequence of a mould knows nothing of bowls.
 */
final class Merging {

  /** A first plan is waited for. */
  private static final int MOST_LOOKS = 200;

  /** Of the mixes of a family that follow, so many are tried. */
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

  /** Jobs that are never worse than those given. */
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

  /** Puts both as one mix to a place, where that is no worse. */
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
