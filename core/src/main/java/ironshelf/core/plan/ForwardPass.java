package ironshelf.core.plan;

import ironshelf.core.plan.Setting.Task;
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
public final class ForwardPass {

  /** Lots of more than one cast where there are more casts than this; a search moves lots. */
  private static final int FINE = 400;

  private static final Deque<Integer> NONE = new ArrayDeque<>();

  private final Setting setting;
  private int minutes = 30 * Horizon.DAY_MIN;

  /** Made ready once for any number of plans of one request. */
  public ForwardPass(PlanRequest request) {
    setting = new Setting(request);
  }

  /**
   * What is due first is laid first; of one day the light before the dark, the weighty first.
   *
   * @throws ironshelf.core.quantity.RefusedException where the plan would take decades
   */
  public static CastPlan of(PlanRequest request) {
    ForwardPass pass = new ForwardPass(request);
    return pass.plan(pass.usual());
  }

  /** Why pins of the request cannot be kept, at their fields; a plan lays those casts freely. */
  public Findings unkept() {
    return laid(List.of()).unkept;
  }

  /** The pins of the request that are kept, the earlier ones before the later where they clash. */
  public List<PinnedCast> kept() {
    return laid(List.of()).keptPins.stream().map(setting.request.pinned()::get).toList();
  }

  public CastPlan plan(List<Lot> order) {
    return Written.of(laid(order));
  }

  /** What a plan is worth, without writing it out. */
  public Outcome outcome(List<Lot> order) {
    return laid(order).outcome();
  }

  /** When each demand is ready, and by how many days late. */
  Readiness readiness(List<Lot> order) {
    int[] ready = laid(order).readyByDemand();
    long[] late = new long[ready.length];
    for (int d = 0; d < ready.length; d++) {
      late[d] = setting.lateDays(setting.tasks.get(d), ready[d]);
    }
    return new Readiness(ready, late);
  }

  /** By demand. */
  static final class Readiness {
    private final int[] readyMin;
    private final long[] lateDays;

    Readiness(int[] readyMin, long[] lateDays) {
      this.readyMin = readyMin;
      this.lateDays = lateDays;
    }

    int readyMin(int demand) {
      return readyMin[demand];
    }

    /** Whether any of another's demands is later than there. */
    boolean harms(Readiness before) {
      for (int d = 0; d < before.lateDays.length; d++) {
        if (lateDays[d] > before.lateDays[d]) {
          return true;
        }
      }
      return false;
    }
  }

  private Laying laid(List<Lot> order) {
    Laying laying = new Laying(setting, minutes);
    order.forEach(laying::lay);
    laying.finish();
    minutes = laying.lastMin();
    return laying;
  }

  /** All that is to be laid, in the usual order. */
  public List<Lot> usual() {
    return lots(
        Comparator.<Task>comparingLong(Task::dueDay)
            .thenComparingDouble(t -> setting.products.get(t.product()).shade())
            .thenComparingDouble(t -> -t.weight()));
  }

  /**
   * Other orders that are often better: by weight for the mould's time, by slack to the due day,
   * and short holds first.
   */
  public List<List<Lot>> others() {
    return List.of(
        lots(Comparator.comparingLong(this::slackMin)),
        lots(Comparator.comparingDouble(t -> heldMin(t) / t.weight())),
        lots(Comparator.comparingDouble(t -> slackMin(t) / t.weight())));
  }

  /**
   * The lots of a plan that was made before, in the order in which it was laid; what it did not
   * have comes last.
   */
  public List<Lot> asIn(List<CastPlan.PlannedCast> before) {
    Map<String, Deque<Integer>> demands = new HashMap<>();
    int[] left = setting.tasks.stream().mapToInt(Task::casts).toArray();
    for (int d = 0; d < left.length; d++) {
      PlanRequest.Demand demand = setting.request.demands().get(d);
      demands
          .computeIfAbsent(key(demand.order(), demand.product()), k -> new ArrayDeque<>())
          .add(d);
    }
    List<Lot> order = new ArrayList<>();
    for (CastPlan.PlannedCast cast : before) {
      Deque<Integer> wanting = demands.getOrDefault(key(cast.order(), cast.product()), NONE);
      while (!wanting.isEmpty() && left[wanting.element()] == 0) {
        wanting.remove();
      }
      if (!cast.pinned() && !wanting.isEmpty()) {
        order.add(new Lot(wanting.element(), order.size(), 1));
        left[wanting.element()]--;
      }
    }
    usual().stream()
        .filter(lot -> left[lot.demand()] > 0)
        .forEach(
            lot -> {
              order.add(
                  new Lot(lot.demand(), order.size(), Math.min(lot.casts(), left[lot.demand()])));
              left[lot.demand()] -= Math.min(lot.casts(), left[lot.demand()]);
            });
    return order;
  }

  private static String key(String order, String product) {
    return order + "\n" + product;
  }

  private long heldMin(Task task) {
    return Leg.leastMin(setting.legsOf(task), true) + setting.washMin(task.mould());
  }

  /** What is left until it is due once all its casts have gone through its mould. */
  private long slackMin(Task task) {
    long rounds = setting.moulds.get(task.mould()).roundsFor(task.casts());
    return task.dueDay() * Horizon.DAY_MIN
        - rounds * heldMin(task)
        - Leg.leastMin(setting.legsOf(task), false);
  }

  private List<Lot> lots(Comparator<Task> order) {
    int casts = setting.tasks.stream().mapToInt(Task::casts).sum();
    int size = 1 + casts / FINE;
    List<Lot> lots = new ArrayList<>();
    IntStream.range(0, setting.tasks.size())
        .boxed()
        .sorted(Comparator.comparing(setting.tasks::get, order))
        .forEach(d -> lots.addAll(lots(d, size)));
    return lots;
  }

  private List<Lot> lots(int demand, int size) {
    List<Lot> lots = new ArrayList<>();
    for (int left = setting.tasks.get(demand).casts(); left > 0; left -= size) {
      lots.add(new Lot(demand, lots.size(), Math.min(left, size)));
    }
    return lots;
  }
}
