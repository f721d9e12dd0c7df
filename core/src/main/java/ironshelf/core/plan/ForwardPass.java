package ironshelf.core.plan;

import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.PlannedOrder;
import ironshelf.core.plan.CastPlan.Visit;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;

/**
 * Lays casts out one after the other, each as early as moulds, hands and stations allow (a serial
 * schedule generation scheme; Kolisch and Hartmann 1999). Always feasible; the same request gives
 * the same plan. Not promised: that no other order of the casts would be better.
 */
public final class ForwardPass {

  private final PlanRequest request;
  private final Profile hands;
  private final Map<String, Profile> stations = new HashMap<>();
  private final Map<String, PriorityQueue<Copy>> copies = new HashMap<>();
  private final Map<String, PlanMould> moulds = new HashMap<>();
  private final Map<String, PlanProduct> products = new HashMap<>();
  private final Map<String, List<Leg>> legs = new HashMap<>();
  private final List<PlannedCast> casts = new ArrayList<>();
  private final List<Visit> works = new ArrayList<>();

  /** A copy and the minute from which it is free. */
  private record Copy(int number, long freeAt) {}

  /** Where the works of one cast begin, and how long each kind of want held it up. */
  private record Laid(List<Long> starts, long forHands, long forStations) {}

  private ForwardPass(PlanRequest request) {
    this.request = request;
    hands = new Profile(request.people());
    for (PlanStation station : request.stations()) {
      stations.put(station.station(), new Profile(station.capacity()));
    }
    for (PlanMould mould : request.moulds()) {
      moulds.put(mould.mould(), mould);
      PriorityQueue<Copy> free =
          new PriorityQueue<>(Comparator.comparingLong(Copy::freeAt).thenComparing(Copy::number));
      for (int i = 1; i <= mould.copies(); i++) {
        free.add(new Copy(i, 0));
      }
      copies.put(mould.mould(), free);
    }
    for (PlanProduct product : request.products()) {
      products.put(product.product(), product);
      legs.put(product.product(), Leg.of(product.route()));
    }
  }

  /** What is due first is laid first; of one day the light before the dark, the weighty first. */
  public static CastPlan of(PlanRequest request) {
    ForwardPass pass = new ForwardPass(request);
    return pass.lay(
        request.demands().stream()
            .sorted(
                Comparator.comparing(Demand::due)
                    .thenComparingDouble(d -> pass.products.get(d.product()).shade())
                    .thenComparingDouble(d -> -d.weight()))
            .toList());
  }

  /** The demands laid in the order in which they are given. */
  public static CastPlan inOrder(PlanRequest request, List<Demand> order) {
    return new ForwardPass(request).lay(order);
  }

  private CastPlan lay(List<Demand> order) {
    Map<String, PlannedOrder> orders = new LinkedHashMap<>();
    double late = 0;
    double bound = 0;
    for (Demand demand : order) {
      PlannedOrder planned = lay(demand);
      orders.merge(planned.order(), planned, ForwardPass::later);
      late += demand.weight() * planned.lateDays();
      bound += demand.weight() * lateDays(demand, at(leastReadyMin(demand)));
    }
    return new CastPlan(casts, List.copyOf(orders.values()), late, bound, visits());
  }

  /** An order is ready when all its lines are, and as late as the latest of them. */
  private static PlannedOrder later(PlannedOrder a, PlannedOrder b) {
    PlannedOrder last = a.readyAt().isAfter(b.readyAt()) ? a : b;
    return new PlannedOrder(
        last.order(), last.readyAt(), Math.max(a.lateDays(), b.lateDays()), last.boundBy());
  }

  private PlannedOrder lay(Demand demand) {
    PlanProduct product = products.get(demand.product());
    PlanMould mould = moulds.get(product.mould());
    PriorityQueue<Copy> free = copies.get(product.mould());
    long readyMin = 0;
    Bound boundBy = Bound.ROUTE;
    for (int left = demand.quantity(); left > 0; left -= mould.cavities()) {
      Copy copy = free.remove();
      List<Leg> own = legs.get(demand.product());
      Laid laid = lay(own, copy.freeAt(), mould.cavities());
      long ready = laid.starts.get(own.size() - 1);
      long freed = take(own, laid, mould.cavities());
      free.add(new Copy(copy.number(), freed + Math.round(mould.washMin())));
      casts.add(
          new PlannedCast(
              demand.order(),
              demand.product(),
              product.mould(),
              copy.number(),
              Math.min(left, mould.cavities()),
              at(laid.starts.get(0)),
              at(freed),
              at(ready),
              worksOf(own, laid)));
      if (ready >= readyMin) {
        readyMin = ready;
        boundBy = bound(copy.freeAt(), laid);
      }
    }
    LocalDateTime ready = at(readyMin);
    return new PlannedOrder(demand.order(), ready, lateDays(demand, ready), boundBy);
  }

  private List<Visit> worksOf(List<Leg> own, Laid laid) {
    List<Visit> done = new ArrayList<>();
    for (int i = 0; i < own.size(); i++) {
      if (own.get(i).workMin() > 0) {
        done.add(new Visit(own.get(i).step(), at(laid.starts.get(i)), own.get(i).workMin()));
      }
    }
    works.addAll(done);
    return done;
  }

  private static Bound bound(long forMould, Laid laid) {
    long most = Math.max(forMould, Math.max(laid.forHands, laid.forStations));
    if (most <= 0) {
      return Bound.ROUTE;
    }
    return most == forMould ? Bound.MOULD : most == laid.forStations ? Bound.STATION : Bound.HANDS;
  }

  /**
   * The earliest works of one cast from a moment on. Where a station has no room for a stay, the
   * work before it waits; that only ever moves works later, so it comes to an end.
   */
  private Laid lay(List<Leg> own, long from, int pieces) {
    long[] starts = new long[own.size()];
    long[] floors = new long[own.size()];
    floors[0] = from + own.get(0).waitMin();
    long[] forHands = new long[own.size()];
    long forStations = 0;
    int i = 0;
    while (i < own.size()) {
      Leg leg = own.get(i);
      long earliest =
          i == 0 ? floors[0] : Math.max(floors[i], end(own, starts, i - 1) + leg.waitMin());
      starts[i] = slot(earliest, leg.workMin());
      forHands[i] = starts[i] - earliest;
      long delay = i == 0 ? 0 : delay(own.get(i), end(own, starts, i - 1), starts[i], pieces);
      if (delay > 0) {
        forStations += delay;
        floors[i - 1] = starts[i - 1] + delay;
        i--;
      } else {
        i++;
      }
    }
    return new Laid(
        Arrays.stream(starts).boxed().toList(), Arrays.stream(forHands).sum(), forStations);
  }

  private static long end(List<Leg> own, long[] starts, int i) {
    return starts[i] + own.get(i).workMin();
  }

  /** By how much the work before must be later for all stays to have room. */
  private long delay(Leg leg, long entered, long begins, int pieces) {
    for (int s = 0; s < leg.stays().size(); s++) {
      Leg.Stay stay = leg.stays().get(s);
      Profile room = stay.station() == null ? null : stations.get(stay.station());
      if (room != null) {
        long in = entered + stay.afterMin();
        long out = s == leg.stays().size() - 1 ? begins : in + stay.waitMin();
        long conflict = room.lastConflict(in, out, pieces);
        if (conflict != Long.MIN_VALUE) {
          return conflict + 1 - in;
        }
      }
    }
    return 0;
  }

  /** The first moment from there on at which a person can do so much in one go. */
  private long slot(long earliest, long minutes) {
    if (minutes == 0) {
      return earliest;
    }
    long at = earliest;
    while (true) {
      at = minute(request.calendar().from(at(at), minutes));
      long conflict = hands.lastConflict(at, at + minutes, 1);
      if (conflict == Long.MIN_VALUE) {
        return at;
      }
      at = conflict + 1;
    }
  }

  /** Books the works and the stays; gives the minute at which the mould is free. */
  private long take(List<Leg> own, Laid laid, int pieces) {
    long freed = 0;
    for (int i = 0; i < own.size(); i++) {
      Leg leg = own.get(i);
      long start = laid.starts.get(i);
      if (leg.workMin() > 0) {
        hands.take(start, start + leg.workMin(), 1);
      }
      if (leg.frees()) {
        freed = start + leg.workMin();
      }
      for (int s = 0; i > 0 && s < leg.stays().size(); s++) {
        Leg.Stay stay = leg.stays().get(s);
        if (stay.station() != null) {
          long in = laid.starts.get(i - 1) + own.get(i - 1).workMin() + stay.afterMin();
          long out = s == leg.stays().size() - 1 ? start : in + stay.waitMin();
          stations.get(stay.station()).take(in, out, pieces);
        }
      }
    }
    return freed;
  }

  /** Work at one step that follows on itself is one visit. */
  private List<Visit> visits() {
    List<Visit> sorted = new ArrayList<>(works);
    sorted.sort(Comparator.comparing(Visit::step).thenComparing(Visit::at));
    List<Visit> merged = new ArrayList<>();
    for (Visit work : sorted) {
      Visit last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
      if (last != null
          && last.step().equals(work.step())
          && !last.at().plusMinutes(last.minutes()).isBefore(work.at())) {
        merged.set(
            merged.size() - 1, new Visit(last.step(), last.at(), last.minutes() + work.minutes()));
      } else {
        merged.add(work);
      }
    }
    merged.sort(Comparator.comparing(Visit::at));
    return merged;
  }

  /**
   * No plan has a demand ready sooner: its copies work without a break, and nothing is waited for
   * (McNaughton's argument for one kind of machine).
   */
  private long leastReadyMin(Demand demand) {
    PlanProduct product = products.get(demand.product());
    PlanMould mould = moulds.get(product.mould());
    List<Leg> own = legs.get(demand.product());
    long castsWanted = ceil(demand.quantity(), mould.cavities());
    long rounds = ceil(castsWanted, mould.copies());
    long held = Leg.leastMin(own, true) + Math.round(mould.washMin());
    return (rounds - 1) * held + Leg.leastMin(own, false);
  }

  private static long ceil(long a, long b) {
    return (a + b - 1) / b;
  }

  static long lateDays(Demand demand, LocalDateTime readyAt) {
    return Math.max(0, ChronoUnit.DAYS.between(demand.due(), readyAt.toLocalDate()));
  }

  private LocalDateTime at(long minute) {
    return request.start().plusMinutes(minute);
  }

  private long minute(LocalDateTime at) {
    return Duration.between(request.start(), at).toMinutes();
  }
}
