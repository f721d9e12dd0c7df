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
 * Lays casts out one after the other, each as early as moulds, hands and stations allow. Always
 * feasible; the same request gives the same plan. Not promised: that no other order of the casts
 * would be better.
 */
public final class ScheduleBuilder {

  /** Lots of more than one cast where there are more casts than this; a search moves lots. */
  private static final int FINE = 400;

  private static final Deque<Integer> NONE = new ArrayDeque<>();

  private final Instance instance;
  private final LateBound bound;
  private int minutes = 30 * Horizon.DAY_MIN;

  /** Made ready once for any number of plans of one request. */
  public ScheduleBuilder(PlanRequest request) {
    instance = new Instance(request);
    bound = new LateBound(instance);
  }

  /**
   * What is due first is laid first; of one day the light before the dark, the weighty first.
   *
   * @throws ironshelf.core.quantity.RefusedException where the plan would take decades
   */
  public static CastPlan of(PlanRequest request) {
    ScheduleBuilder pass = new ScheduleBuilder(request);
    return pass.plan(pass.usual());
  }

  /** Why pins of the request cannot be kept, at their fields; a plan lays those casts freely. */
  public Findings unkept() {
    return laid(List.of()).unkept;
  }

  /** The pins of the request that are kept, the earlier ones before the later where they clash. */
  public List<PinnedCast> kept() {
    return laid(List.of()).keptPins.stream().map(instance.request.pinned()::get).toList();
  }

  public CastPlan plan(List<Job> order) {
    return ScheduleWriter.of(laid(order), bound);
  }

  /** What a plan is worth, without writing it out. */
  public Objective outcome(List<Job> order) {
    return laid(order).outcome();
  }

  /** When each demand is ready, and by how many days late. */
  public Readiness readiness(List<Job> order) {
    int[] ready = laid(order).readyByDemand();
    long[] late = new long[ready.length];
    for (int d = 0; d < ready.length; d++) {
      late[d] = instance.lateDays(instance.lines.get(d), ready[d]);
    }
    return new Readiness(ready, late);
  }

  /** By demand. */
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

    /** Whether any of another's demands is later than there. */
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
   * What a list of jobs comes to.
   *
   * @param lateness of each demand by its weight
   */
  public record Look(Objective objective, List<Double> lateness) {}

  public Instance instance() {
    return instance;
  }

  /** What a list of jobs comes to, without writing it out. */
  public Look look(List<Job> order) {
    Schedule schedule = laid(order);
    int[] ready = schedule.readyByDemand();
    Double[] late = new Double[ready.length];
    for (int d = 0; d < ready.length; d++) {
      Line line = instance.lines.get(d);
      late[d] = line.weight() * instance.lateDays(line, ready[d]);
    }
    return new Look(schedule.outcome(), List.of(late));
  }

  /** Whether casts are mixed together at all. */
  public boolean mixes() {
    return !instance.families.isEmpty();
  }

  /** How many rules of dispatching there are. */
  public int rules() {
    return Dispatch.rules().size();
  }

  /** Jobs as a rule of dispatching makes them. */
  public List<Job> dispatched(int rule) {
    Schedule schedule = new Schedule(instance, minutes);
    return new Dispatch(schedule, Dispatch.rules().get(rule)).run();
  }

  private Schedule laid(List<Job> order) {
    Schedule laying = new Schedule(instance, minutes);
    order.forEach(laying::lay);
    laying.finish();
    minutes = laying.lastMin();
    return laying;
  }

  /** All that is to be laid, in the usual order. */
  public List<Job> usual() {
    return jobs(
        Comparator.<Line>comparingLong(Line::dueDay)
            .thenComparingDouble(t -> instance.products.get(t.product()).shade())
            .thenComparingDouble(t -> -t.weight()));
  }

  /**
   * Other orders that are often better: by weight for the mould's time, by slack to the due day,
   * and short holds first.
   */
  public List<List<Job>> others() {
    return List.of(
        jobs(Comparator.comparingLong(this::slackMin)),
        jobs(Comparator.comparingDouble(t -> heldMin(t) / t.weight())),
        jobs(Comparator.comparingDouble(t -> slackMin(t) / t.weight())));
  }

  /**
   * Each mould's demands in the order that is best for it where nothing but moulds binds, in the
   * order of the clock. Parts come with what takes them.
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
   * The lots of a plan that was made before, in the order in which it was laid; what it did not
   * have comes last.
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

  /** A job and when it would begin. */
  private record At(int minute, Job job) {}

  private long heldMin(Line line) {
    return Activity.leastMin(instance.activitiesOf(line), true) + instance.washMin(line.mould());
  }

  /** What is left until it is due once all its casts have gone through its mould. */
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
