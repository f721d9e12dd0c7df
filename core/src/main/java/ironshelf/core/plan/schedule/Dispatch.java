package ironshelf.core.plan.schedule;

import ironshelf.core.plan.Horizon;
import ironshelf.core.plan.resource.Activity;
import ironshelf.core.plan.resource.Family;
import ironshelf.core.plan.resource.Filling;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.Instance.Line;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Builds a schedule by a dispatching rule, mix by mix: whenever a person and a mixer are free, the
 * family is mixed next whose bowl has the highest apparent tardiness cost per minute (batched ATC;
 * Vepsalainen and Morton 1987, Balasubramanian et al. 2004).
 */
final class Dispatch {

  /**
   * The parameters of a dispatching rule.
   *
   * @param lookMin slack, in minutes, that divides the urgency of a demand by e
   * @param patienceMin how long a bowl waits for more copies to come free
   * @param windowMin mixes that could begin within so many minutes of the earliest compete with it
   * @param reserve factor by which another demand for a mould must be more urgent to keep its
   *     copies free
   */
  record Rule(double lookMin, int patienceMin, int windowMin, double reserve) {}

  /** Factor on the weight of promised demands, since plans are compared by those first. */
  private static final double PROMISED = 4;

  /** A mix that could be the next one, and its worth per minute. */
  private record Candidate(List<Integer> casts, double worth) {}

  private final Instance instance;
  private final Schedule schedule;
  private final Rule rule;
  private final List<List<Integer>> demandsOf = new ArrayList<>();
  private final double[] press;
  private final long[] dueMin;
  private final long[] routeMin;
  private final long[] holdMin;
  private final int[][] free;

  Dispatch(Schedule schedule, Rule rule) {
    this.instance = schedule.instance;
    this.schedule = schedule;
    this.rule = rule;
    int demands = instance.lines.size();
    press = new double[demands];
    dueMin = new long[demands];
    routeMin = new long[demands];
    holdMin = new long[demands];
    free = new int[instance.moulds.size()][];
    for (int f = 0; f < instance.families.size(); f++) {
      demandsOf.add(new ArrayList<>());
    }
    for (int d = 0; d < demands; d++) {
      Line line = instance.lines.get(d);
      List<Activity> route = instance.activitiesOf(line);
      routeMin[d] = Activity.leastMin(route, false);
      holdMin[d] = Activity.leastMin(route, true) + instance.washMin(line.mould());
      if (instance.familyOf(d) != Instance.NONE) {
        demandsOf.get(instance.familyOf(d)).add(d);
      }
    }
    for (int d = 0; d < demands; d++) {
      dueMin[d] = dueMin(d);
    }
  }

  /** Returns when a demand is due; a part is due when the piece that takes it begins its route. */
  private long dueMin(int demand) {
    Integer into = instance.takerOf(demand);
    return into == null
        ? instance.endOfDay(instance.lines.get(demand).dueDay())
        : dueMin(into) - routeMin[into];
  }

  /** Schedules all demands and returns the jobs in the order in which they were placed. */
  List<Job> run() {
    List<Job> jobs = new ArrayList<>();
    for (int m = 0; m < free.length; m++) {
      free[m] = schedule.copies[m].freeTimes();
    }
    while (true) {
      Candidate next = next();
      if (next == null) {
        break;
      }
      Job job = Job.of(next.casts());
      schedule.place(job);
      jobs.add(job);
      for (int demand : next.casts()) {
        int mould = instance.lines.get(demand).mould();
        free[mould] = schedule.copies[mould].freeTimes();
      }
    }
    for (int d = 0; d < instance.lines.size(); d++) {
      if (schedule.left[d] > 0) {
        Job job = Job.of(d, schedule.left[d]);
        schedule.place(job);
        jobs.add(job);
      }
    }
    return jobs;
  }

  private @Nullable Candidate next() {
    int families = demandsOf.size();
    int[] at = new int[families];
    int first = Integer.MAX_VALUE;
    for (int f = 0; f < families; f++) {
      at[f] = earliest(f);
      first = Math.min(first, at[f]);
    }
    if (first == Integer.MAX_VALUE) {
      return null;
    }
    Candidate best = null;
    for (int f = 0; f < families; f++) {
      if (at[f] <= first + rule.windowMin()) {
        Candidate own = candidate(f, at[f]);
        best = best == null || own.worth() > best.worth() ? own : best;
      }
    }
    return best;
  }

  /** Returns when the next mix of a family can begin; the largest integer where none is left. */
  private int earliest(int familyNo) {
    Family family = instance.families.get(familyNo);
    int earliest = Integer.MAX_VALUE;
    double litres = 0;
    int fillMin = 0;
    for (int demand : demandsOf.get(familyNo)) {
      if (isOpen(demand)) {
        int own = freeAt(demand, 0) - family.mixMin(instance.litresOf(demand));
        if (own < earliest) {
          earliest = own;
          litres = instance.litresOf(demand);
          fillMin = instance.fillMin(demand);
        }
      }
    }
    return earliest == Integer.MAX_VALUE
        ? earliest
        : schedule.mixes.slot(family, Math.max(0, earliest), litres, fillMin).at();
  }

  /**
   * Returns when a demand can have a copy of its mould.
   *
   * @param others copies that come free before and are taken by other casts
   */
  private int freeAt(int demand, int others) {
    Line line = instance.lines.get(demand);
    return Math.max(line.releaseMin(), free[line.mould()][others]);
  }

  private boolean isOpen(int demand) {
    return schedule.left[demand] > 0
        && instance.feeding.ofDemand(demand).stream()
            .allMatch(s -> s.from().begun() || schedule.left[s.from().no()] == 0);
  }

  private Candidate candidate(int familyNo, int at) {
    Family family = instance.families.get(familyNo);
    List<Integer> open = new ArrayList<>();
    for (int demand : demandsOf.get(familyNo)) {
      if (isOpen(demand)) {
        press[demand] = press(demand, at);
        open.add(demand);
      }
    }
    open.sort(Comparator.comparingDouble(d -> -press[d]));
    int fillAt = at + family.mixMin(0);
    int[] taken = new int[instance.moulds.size()];
    List<Integer> casts = new ArrayList<>();
    List<Integer> minutes = new ArrayList<>();
    double litres = 0;
    Filling filling = Filling.of(minutes, 1);
    int attended = 0;
    double worth = 0;
    for (int demand : open) {
      Line line = instance.lines.get(demand);
      int mould = line.mould();
      for (int left = schedule.left[demand]; left > 0; left--) {
        boolean first = casts.isEmpty();
        if (taken[mould] == free[mould].length
            || freeAt(demand, taken[mould])
                > fillAt + filling.lengthMin() + (first ? 1_440 * 30 : rule.patienceMin())
            || (!first && isReserved(demand, familyNo, at))) {
          break;
        }
        double more = litres + instance.litresOf(demand);
        minutes.add(instance.fillMin(demand));
        Filling with = family.filling(more, minutes);
        if (!first && with == null) {
          minutes.remove(minutes.size() - 1);
          break;
        }
        litres = more;
        filling = with == null ? Filling.of(minutes, 1) : with;
        taken[mould]++;
        casts.add(demand);
        worth += press[demand];
        attended += instance.fillMin(demand);
      }
    }
    return new Candidate(casts, worth / (family.block(litres, filling).attendedMin() + attended));
  }

  /** Tests whether a much more urgent demand of another family wants the same copies. */
  private boolean isReserved(int demand, int familyNo, int at) {
    if (rule.reserve() == Double.POSITIVE_INFINITY) {
      return false;
    }
    int mould = instance.lines.get(demand).mould();
    for (int other : instance.demandsOfMould(mould)) {
      if (instance.familyOf(other) != familyNo
          && isOpen(other)
          && press(other, at) > rule.reserve() * press[demand]) {
        return true;
      }
    }
    return false;
  }

  /** Returns the urgency of one cast of a demand at a minute: its apparent tardiness cost. */
  private double press(int demand, int at) {
    Line line = instance.lines.get(demand);
    int left = schedule.left[demand];
    long rounds = instance.moulds.get(line.mould()).roundsFor(left);
    double slack = dueMin[demand] - at - routeMin[demand] - (rounds - 1) * holdMin[demand];
    double weight = line.isPromised() ? PROMISED * line.weight() : line.weight();
    return weight / left * Math.exp(-Math.max(0, slack) / rule.lookMin());
  }

  /** Returns rules of various parameters, from which a search starts. */
  static List<Rule> rules() {
    List<Rule> rules = new ArrayList<>();
    for (double look : new double[] {0.5, 1.5, 4}) {
      for (int patience : new int[] {0, 60, 240}) {
        for (double reserve : new double[] {Double.POSITIVE_INFINITY, 2}) {
          rules.add(new Rule(look * Horizon.DAY_MIN, patience, 60, reserve));
        }
      }
    }
    return rules;
  }
}
