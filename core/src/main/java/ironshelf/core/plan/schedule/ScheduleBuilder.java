package ironshelf.core.plan.schedule;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.Horizon;
import ironshelf.core.plan.Objective;
import ironshelf.core.plan.PinnedCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.bound.LateBound;
import ironshelf.core.plan.resource.Activity;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.Instance.Line;
import ironshelf.core.quantity.Findings;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Builds schedules from lists of jobs: places one cast after the other, each as early as moulds,
 * hands and stations allow. Schedules are always feasible, and the same request gives the same one.
 * Not promised: that no other order of the casts would be better.
 */
public final class ScheduleBuilder {

  /** Above so many casts a job has more than one, so that a search has fewer jobs to move. */
  private static final int FINE = 400;

  private static final Deque<Integer> NONE = new ArrayDeque<>();

  private final Instance instance;
  private final LateBound bound;
  private int minutes = 30 * Horizon.DAY_MIN;

  /** Prepares a request; any number of schedules can be built from it. */
  public ScheduleBuilder(PlanRequest request) {
    instance = new Instance(request);
    bound = new LateBound(instance);
  }

  /**
   * Returns the plan by due date; within a day light colours come before dark ones, and higher
   * weights before lower.
   *
   * @throws ironshelf.core.quantity.RefusedException where the plan would take decades
   */
  public static CastPlan of(PlanRequest request) {
    ScheduleBuilder pass = new ScheduleBuilder(request);
    return pass.plan(pass.usual());
  }

  /** Returns why pins cannot be kept, by the field of each; their casts are scheduled freely. */
  public Findings unkept() {
    return scheduled(List.of()).unkept;
  }

  /** Returns the pins that are kept; of pins that clash, the earlier. */
  public List<PinnedCast> kept() {
    return scheduled(List.of()).keptPins.stream().map(instance.request.pinned()::get).toList();
  }

  public CastPlan plan(List<Job> order) {
    return ScheduleWriter.of(scheduled(order), bound);
  }

  /** Returns the objective of a list of jobs, without the plan itself. */
  public Objective outcome(List<Job> order) {
    return scheduled(order).outcome();
  }

  /** Returns when each demand is ready and how many days late it is. */
  public Readiness readiness(List<Job> order) {
    int[] ready = scheduled(order).readyByDemand();
    long[] late = new long[ready.length];
    for (int d = 0; d < ready.length; d++) {
      late[d] = instance.lateDays(instance.lines.get(d), ready[d]);
    }
    return new Readiness(ready, late);
  }

  /** Readiness and lateness by demand. */
  public static final class Readiness {
    private final int[] readyMin;
    private final long[] lateDays;

    Readiness(int[] readyMin, long[] lateDays) {
      this.readyMin = readyMin;
      this.lateDays = lateDays;
    }

    public int readyMin(int demand) {
      return readyMin[demand];
    }

    /** Tests whether any demand is later here than it was before. */
    public boolean harms(Readiness before) {
      for (int d = 0; d < before.lateDays.length; d++) {
        if (lateDays[d] > before.lateDays[d]) {
          return true;
        }
      }
      return false;
    }
  }

  /**
   * The objective of a list of jobs with the lateness behind it.
   *
   * @param lateness weighted days late, by demand
   */
  public record Look(Objective objective, List<Double> lateness) {}

  public Instance instance() {
    return instance;
  }

  /** Returns the objective and the lateness of a list of jobs, without the plan itself. */
  public Look look(List<Job> order) {
    Schedule schedule = scheduled(order);
    int[] ready = schedule.readyByDemand();
    Double[] late = new Double[ready.length];
    for (int d = 0; d < ready.length; d++) {
      Line line = instance.lines.get(d);
      late[d] = line.weight() * instance.lateDays(line, ready[d]);
    }
    return new Look(schedule.outcome(), List.of(late));
  }

  /** Tests whether any casts of the request are mixed together. */
  public boolean mixes() {
    return !instance.families.isEmpty();
  }

  /** Returns the number of dispatching rules. */
  public int rules() {
    return Dispatch.rules().size();
  }

  /** Returns the jobs that a dispatching rule, numbered from 0, makes. */
  public List<Job> dispatched(int rule) {
    Schedule schedule = new Schedule(instance, minutes);
    return new Dispatch(schedule, Dispatch.rules().get(rule)).run();
  }

  private Schedule scheduled(List<Job> order) {
    Schedule schedule = new Schedule(instance, minutes);
    order.forEach(schedule::place);
    schedule.finish();
    minutes = schedule.lastMin();
    return schedule;
  }

  /** Returns all jobs by due date, then shade, then weight. */
  public List<Job> usual() {
    return jobs(
        Comparator.<Line>comparingLong(Line::dueDay)
            .thenComparingDouble(t -> instance.products.get(t.product()).shade())
            .thenComparingDouble(t -> -t.weight()));
  }

  /**
   * Returns other orders that are often better: by slack, by the mould's time per weight, and by
   * slack per weight.
   */
  public List<List<Job>> others() {
    return List.of(
        jobs(Comparator.comparingLong(this::slackMin)),
        jobs(Comparator.comparingDouble(t -> heldMin(t) / t.weight())),
        jobs(Comparator.comparingDouble(t -> slackMin(t) / t.weight())));
  }

  /**
   * Returns the jobs in the order of the bound: for each mould the sequence that is best where only
   * moulds are scarce, all merged by their minutes. Parts come with the pieces that take them.
   */
  public List<Job> byTurns() {
    int casts = instance.lines.stream().mapToInt(Line::casts).sum();
    int size = 1 + casts / FINE;
    List<At> all = new ArrayList<>();
    for (LateBound.Turn turn : bound.turns()) {
      for (int from = 0; from < turn.castsAt().size(); from += size) {
        int own = Math.min(size, turn.castsAt().size() - from);
        all.add(new At(turn.castsAt().get(from), Job.of(turn.demand(), own)));
      }
    }
    all.sort(Comparator.comparingInt(At::minute));
    return all.stream().map(At::job).toList();
  }

  /**
   * Returns the jobs of an earlier plan in the order of its casts; demands that it did not have
   * come last.
   */
  public List<Job> asIn(List<CastPlan.PlannedCast> before) {
    Map<String, Deque<Integer>> demands = new HashMap<>();
    int[] left = instance.lines.stream().mapToInt(Line::casts).toArray();
    for (int d = 0; d < left.length; d++) {
      PlanRequest.Demand demand = instance.request.demands().get(d);
      demands
          .computeIfAbsent(key(demand.order(), demand.product()), k -> new ArrayDeque<>())
          .add(d);
    }
    List<List<Integer>> jobs = new ArrayList<>();
    Map<Integer, List<Integer>> mixes = new HashMap<>();
    for (CastPlan.PlannedCast cast : before) {
      Deque<Integer> wanting = demands.getOrDefault(key(cast.order(), cast.product()), NONE);
      while (!wanting.isEmpty() && left[wanting.element()] == 0) {
        wanting.remove();
      }
      if (cast.pinned() || wanting.isEmpty()) {
        continue;
      }
      int demand = wanting.element();
      left[demand]--;
      List<Integer> mix = cast.batch() == null ? null : mixes.get(cast.batch());
      if (mix == null) {
        mix = new ArrayList<>();
        jobs.add(mix);
      }
      mix.add(demand);
      if (cast.batch() != null && instance.familyOf(demand) != Instance.NONE) {
        mixes.put(cast.batch(), mix);
      }
    }
    List<Job> order = new ArrayList<>(jobs.stream().map(Job::of).toList());
    for (Job job : usual()) {
      int demand = job.demand(0);
      // What is new is mixed together; of the rest a search moves lots.
      boolean mixed = instance.familyOf(demand) != Instance.NONE;
      int more = mixed ? left[demand] : Math.min(job.casts(), left[demand]);
      left[demand] -= more;
      if (more > 0) {
        order.add(Job.of(demand, more));
      }
    }
    return order;
  }

  private static String key(String order, String product) {
    return order + "\n" + product;
  }

  /** A job and the minute at which it would begin. */
  private record At(int minute, Job job) {}

  private long heldMin(Line line) {
    return Activity.leastMin(instance.activitiesOf(line), true) + instance.washMin(line.mould());
  }

  /** Returns the minutes from now to the due day less those that its casts need at the least. */
  private long slackMin(Line line) {
    long rounds = instance.moulds.get(line.mould()).roundsFor(line.casts());
    return line.dueDay() * Horizon.DAY_MIN
        - rounds * heldMin(line)
        - Activity.leastMin(instance.activitiesOf(line), false);
  }

  private List<Job> jobs(Comparator<Line> order) {
    int casts = instance.lines.stream().mapToInt(Line::casts).sum();
    int size = 1 + casts / FINE;
    List<Job> jobs = new ArrayList<>();
    IntStream.range(0, instance.lines.size())
        .boxed()
        .sorted(Comparator.comparing(instance.lines::get, order))
        .forEach(d -> add(jobs, d, instance.lines.get(d).casts(), size));
    return jobs;
  }

  private static void add(List<Job> jobs, int demand, int casts, int size) {
    for (int left = casts; left > 0; left -= size) {
      jobs.add(Job.of(demand, Math.min(left, size)));
    }
  }
}
