package ironshelf.core.plan.bound;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.resource.Activity;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.Instance.Line;
import ironshelf.core.plan.resource.Resources;
import ironshelf.core.plan.resource.Timing;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/**
 * The earliest minutes (slots) at which the copies of one mould can be filled, cast after cast, in
 * a shop with unlimited people, mixers and room that keeps its opening hours. No schedule fills the
 * n-th cast before the n-th slot, so costs by these slots are a lower bound.
 */
public final class MouldClock {

  /** The demands that are cast in the mould and can be late; parts are left out. */
  final int[] demands;

  private final Instance instance;
  private final int[] slots;
  private final Map<Integer, int[]> readyByProduct = new HashMap<>();

  MouldClock(Instance instance, int mould, Resources empty) {
    this.instance = instance;
    List<Integer> own = new ArrayList<>();
    List<List<Activity>> routes = new ArrayList<>();
    for (int d = 0; d < instance.lines.size(); d++) {
      Line line = instance.lines.get(d);
      if (line.mould() != mould) {
        continue;
      }
      List<Activity> route = free(instance.activitiesOf(line));
      if (!routes.contains(route)) {
        routes.add(route);
      }
      if (!line.isPart()) {
        own.add(d);
      }
    }
    demands = own.stream().mapToInt(d -> d).toArray();
    int casts = own.stream().mapToInt(d -> instance.lines.get(d).casts()).sum();
    slots = slots(mould, casts, routes, empty);
    for (int demand : demands) {
      int product = instance.lines.get(demand).product();
      readyByProduct.computeIfAbsent(
          product,
          p -> {
            List<Activity> route = free(instance.activities.get(p));
            return Arrays.stream(slots).map(at -> empty.timing(route, at, 1).ready()).toArray();
          });
    }
  }

  /** Returns the same activities without stations and parts to wait for. */
  private static List<Activity> free(List<Activity> route) {
    return route.stream()
        .map(a -> new Activity(a.step(), a.workMin(), a.waitMin(), List.of(), a.frees(), -1))
        .toList();
  }

  private int[] slots(int mould, int casts, List<List<Activity>> routes, Resources empty) {
    PriorityQueue<Integer> free = new PriorityQueue<>();
    for (int copy = 1; copy <= instance.moulds.get(mould).copies(); copy++) {
      free.add(heldUntil(mould, copy, empty));
    }
    int[] at = new int[casts];
    Map<Integer, Integer> nextFree = new HashMap<>();
    for (int i = 0; i < casts; i++) {
      int from = free.remove();
      at[i] = from;
      free.add(
          nextFree.computeIfAbsent(
              from,
              f ->
                  routes.stream()
                          .mapToInt(route -> empty.timing(route, f, 1).freed())
                          .min()
                          .orElse(f)
                      + instance.washMin(mould)));
    }
    return at;
  }

  private int heldUntil(int mould, int copy, Resources empty) {
    int until = 0;
    for (BegunCast begun : instance.request.begun()) {
      Integer own = begun.mould() == null ? null : instance.mouldNos.get(begun.mould());
      if (own != null && own == mould && begun.copy() == copy) {
        Timing timing = empty.timing(free(instance.activities(begun.rest())), 0, 1);
        until = Math.max(until, timing.freed() + instance.washMin(mould));
      }
    }
    return until;
  }

  /** Returns the number of casts of all demands. */
  int casts() {
    return slots.length;
  }

  /** Returns the minute at which the n-th cast can be filled, n from 0. */
  public int slot(int n) {
    return slots[n];
  }

  int castsOf(int job) {
    return instance.lines.get(demands[job]).casts();
  }

  /** Returns the weighted late days of a demand whose last cast is the n-th. */
  double cost(int job, int n) {
    Line line = instance.lines.get(demands[job]);
    return line.weight() * instance.lateDays(line, readyByProduct.get(line.product())[n]);
  }
}
