package ironshelf.core.plan.search;

import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.schedule.Job;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;

/**
 * Random changes of a list of jobs that are likely to help a late demand or to save a mix: moves
 * and exchanges jobs, moves casts to a mix with room, exchanges casts between mixes, empties mixes
 * into others.
 */
final class Neighbourhood {

  private final Instance instance;
  private final Random random;

  Neighbourhood(Instance instance, Random random) {
    this.instance = instance;
    this.random = random;
  }

  /**
   * Returns a list that differs a little from another.
   *
   * @param lateness weighted, by demand; late demands are moved more often
   */
  List<Job> change(List<Job> jobs, List<Double> lateness) {
    List<Job> changed = new ArrayList<>(jobs);
    int kinds = instance.families.isEmpty() ? 4 : 8;
    switch (random.nextInt(kinds)) {
      case 0, 1 -> pull(changed, lateness);
      case 2 -> exchange(changed);
      case 3 -> pullAll(changed, lateness);
      case 4 -> fillUp(changed, lateness);
      case 5 -> exchangeCasts(changed, lateness);
      case 6 -> empty(changed);
      default -> split(changed, lateness);
    }
    return changed;
  }

  /** Returns a list with a few jobs in random places, from which a search restarts. */
  List<Job> shaken(List<Job> jobs) {
    List<Job> changed = new ArrayList<>(jobs);
    for (int moves = 2 + random.nextInt(4); moves > 0; moves--) {
      move(changed, random.nextInt(changed.size()), random.nextInt(changed.size()));
    }
    return changed;
  }

  /** Moves the job of a late demand, or any job, earlier; sometimes later. */
  private void pull(List<Job> jobs, List<Double> lateness) {
    int from = late(jobs, lateness);
    int reach = 1 + random.nextInt(Math.max(1, jobs.size() / 3));
    int to = from - (random.nextInt(6) == 0 ? -reach : reach);
    move(jobs, from, Math.max(0, Math.min(jobs.size() - 1, to)));
  }

  private static void move(List<Job> jobs, int from, int to) {
    jobs.add(to, jobs.remove(from));
  }

  /** Moves all jobs of a late demand earlier by the same number of places. */
  private void pullAll(List<Job> jobs, List<Double> lateness) {
    int demand = jobs.get(late(jobs, lateness)).demand(0);
    int reach = 1 + random.nextInt(Math.max(1, jobs.size() / 3));
    for (int i = 1; i < jobs.size(); i++) {
      if (has(jobs.get(i), demand)) {
        move(jobs, i, Math.max(0, i - reach));
      }
    }
  }

  private static boolean has(Job job, int demand) {
    for (int i = 0; i < job.casts(); i++) {
      if (job.demand(i) == demand) {
        return true;
      }
    }
    return false;
  }

  private void exchange(List<Job> jobs) {
    int a = random.nextInt(jobs.size());
    int reach = 1 + random.nextInt(Math.max(1, jobs.size() / 4));
    int b = Math.min(jobs.size() - 1, a + reach);
    Job kept = jobs.get(a);
    jobs.set(a, jobs.get(b));
    jobs.set(b, kept);
  }

  /** Draws the place of a job by the lateness of its demands; any place where none is late. */
  private int late(List<Job> jobs, List<Double> lateness) {
    double all = 0;
    for (double own : lateness) {
      all += own;
    }
    if (all <= 0 || random.nextInt(5) == 0) {
      return random.nextInt(jobs.size());
    }
    double drawn = random.nextDouble() * all;
    int demand = 0;
    while (demand < lateness.size() - 1 && drawn >= lateness.get(demand)) {
      drawn -= lateness.get(demand++);
    }
    List<Integer> places = new ArrayList<>();
    for (int i = 0; i < jobs.size(); i++) {
      if (has(jobs.get(i), demand)) {
        places.add(i);
      }
    }
    return places.isEmpty()
        ? random.nextInt(jobs.size())
        : places.get(random.nextInt(places.size()));
  }

  /** Moves one cast, or all casts of a demand, to another mix of the family that has room. */
  private void fillUp(List<Job> jobs, List<Double> lateness) {
    int from = late(jobs, lateness);
    Job source = jobs.get(from);
    int demand = source.demand(random.nextInt(source.casts()));
    List<Integer> others = family(jobs, source);
    if (others.size() < 2) {
      return;
    }
    int to = near(others, from);
    if (to == from) {
      return;
    }
    List<Integer> own = new ArrayList<>(source.demands());
    List<Integer> more = new ArrayList<>(jobs.get(to).demands());
    boolean all = random.nextBoolean();
    do {
      more.add(demand);
      if (!instance.isOneMix(more)) {
        more.remove(more.size() - 1);
        break;
      }
      own.remove(Integer.valueOf(demand));
    } while (all && own.contains(demand));
    put(jobs, from, own, to, more);
  }

  /** Draws one of the places, near ones more often. */
  private int near(List<Integer> places, int from) {
    int at = places.indexOf(from);
    int reach = 1 + (int) (places.size() * Math.pow(random.nextDouble(), 3));
    int to = at + (random.nextBoolean() ? reach : -reach);
    return places.get(Math.max(0, Math.min(places.size() - 1, to)));
  }

  /** Exchanges a cast of a late demand for one of another demand in an earlier mix. */
  private void exchangeCasts(List<Job> jobs, List<Double> lateness) {
    int from = late(jobs, lateness);
    Job source = jobs.get(from);
    List<Integer> others = family(jobs, source);
    int to = others.get(random.nextInt(others.size()));
    if (to == from) {
      return;
    }
    List<Integer> own = new ArrayList<>(source.demands());
    List<Integer> other = new ArrayList<>(jobs.get(to).demands());
    int a = random.nextInt(own.size());
    int b = random.nextInt(other.size());
    int kept = own.get(a);
    own.set(a, other.get(b));
    other.set(b, kept);
    if (instance.isOneMix(own) && instance.isOneMix(other)) {
      put(jobs, from, own, to, other);
    }
  }

  /** Empties a mix into others of its family, as far as those have room. */
  private void empty(List<Job> jobs) {
    int from = random.nextInt(jobs.size());
    List<Integer> own = new ArrayList<>(jobs.get(from).demands());
    List<Integer> others = new ArrayList<>(family(jobs, jobs.get(from)));
    // Copies that are free for one mix are most likely free for those next to it.
    boolean later = random.nextBoolean();
    others.sort(
        Comparator.comparingInt(to -> 2 * Math.abs(to - from) - (later && to > from ? 1 : 0)));
    for (int i = 0; i < others.size() && !own.isEmpty(); i++) {
      int to = others.get(i);
      if (to == from) {
        continue;
      }
      List<Integer> more = new ArrayList<>(jobs.get(to).demands());
      int before = more.size();
      for (int c = own.size() - 1; c >= 0; c--) {
        more.add(own.get(c));
        if (instance.isOneMix(more)) {
          own.remove(c);
        } else {
          more.remove(more.size() - 1);
        }
      }
      if (more.size() > before) {
        jobs.set(to, Job.of(more));
      }
    }
    set(jobs, from, own);
  }

  /** Splits the casts of a late demand off a mix and puts them earlier. */
  private void split(List<Job> jobs, List<Double> lateness) {
    int from = late(jobs, lateness);
    List<Integer> own = new ArrayList<>(jobs.get(from).demands());
    int demand = own.get(random.nextInt(own.size()));
    List<Integer> apart = new ArrayList<>(own.stream().filter(d -> d == demand).toList());
    own.removeAll(apart);
    if (own.isEmpty()) {
      return;
    }
    jobs.set(from, Job.of(own));
    jobs.add(Math.max(0, from - random.nextInt(1 + jobs.size() / 4)), Job.of(apart));
  }

  private List<Integer> family(List<Job> jobs, Job of) {
    int family = instance.familyOf(of.demand(0));
    List<Integer> places = new ArrayList<>();
    for (int i = 0; i < jobs.size(); i++) {
      if (family != Instance.NONE && instance.familyOf(jobs.get(i).demand(0)) == family) {
        places.add(i);
      }
    }
    return places.isEmpty() ? List.of(jobs.indexOf(of)) : places;
  }

  private static void put(List<Job> jobs, int a, List<Integer> first, int b, List<Integer> second) {
    jobs.set(b, Job.of(second));
    set(jobs, a, first);
  }

  private static void set(List<Job> jobs, int place, List<Integer> casts) {
    if (casts.isEmpty()) {
      jobs.remove(place);
    } else {
      jobs.set(place, Job.of(casts));
    }
  }
}
