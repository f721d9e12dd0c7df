package ironshelf.core.plan.schedule;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.Objective;
import ironshelf.core.plan.resource.Activity;
import ironshelf.core.plan.resource.Block;
import ironshelf.core.plan.resource.CopyPool;
import ironshelf.core.plan.resource.CopyPool.Copy;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.Instance.Line;
import ironshelf.core.plan.resource.Instance.Pin;
import ironshelf.core.plan.resource.Resources;
import ironshelf.core.plan.resource.Timing;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * A schedule while it is built: first what has begun, then what is pinned, then job after job, each
 * cast as early as moulds, hands and stations allow (a serial schedule generation scheme; Kolisch
 * and Hartmann 1999).
 */
final class Schedule {

  /** A cast in the schedule; {@code copyFreeAt} is the minute at which its copy came free. */
  record ScheduledCast(int demand, int copy, int copyFreeAt, Timing timing, boolean pinned) {}

  /**
   * A mix in the schedule.
   *
   * @param block the people it occupies, with setup and washing
   * @param casts that it fills, as indexes into {@link #casts}
   * @param fillers who fills each of them; 0 is the person who mixes
   */
  record Mix(
      int family, int at, Block block, double litres, List<Integer> casts, List<Integer> fillers) {}

  final Instance instance;
  final List<ScheduledCast> casts = new ArrayList<>();
  final List<Mix> batches = new ArrayList<>();
  final List<Timing> begun = new ArrayList<>();

  /** Why pins could not be kept, by the field of each. */
  final Findings unkept = new Findings();

  /** The pins that were kept, as indexes into those of the request. */
  final Set<Integer> keptPins = new TreeSet<>();

  final Resources resources;
  final CopyPool[] copies;
  final BatchScheduler mixes;
  final int[] left;
  private final int overfullBefore;

  private final PartsScheduler parts = new PartsScheduler(this);
  private int clashes;

  /**
   * Schedules what has begun and what is pinned. A pin that cannot be kept is reported in {@link
   * #unkept}; its cast is scheduled with the others.
   *
   * @param minutes the horizon to expect; it grows where the schedule needs more
   */
  Schedule(Instance instance, int minutes) {
    this.instance = instance;
    resources = new Resources(instance, minutes);
    copies = instance.moulds.stream().map(m -> new CopyPool(m.copies())).toArray(CopyPool[]::new);
    mixes = new BatchScheduler(this);
    left = instance.lines.stream().mapToInt(Line::casts).toArray();
    for (int b = 0; b < instance.request.begun().size(); b++) {
      goOn(b, instance.request.begun().get(b));
    }
    overfullBefore = resources.overfull();
    instance.pins.stream()
        .filter(pin -> instance.familyOf(pin.demand()) == Instance.NONE)
        .forEach(pin -> keep(pin, unkept));
    new PinScheduler(this)
        .keep(
            instance.pins.stream()
                .filter(pin -> instance.familyOf(pin.demand()) != Instance.NONE)
                .toList());
  }

  private void goOn(int begunNo, BegunCast cast) {
    List<Activity> activities = instance.activities(cast.rest());
    if (!instance.feeding.ofBegun(begunNo).isEmpty()) {
      activities = parts.untilJoin(begunNo, activities);
    }
    Timing timing = resources.timing(activities, 0, cast.pieces());
    resources.take(timing, cast.pieces());
    begun.add(timing);
    if (cast.mould() != null) {
      int mould = instance.mouldNos.get(cast.mould());
      Copy copy = copies[mould].copy(cast.copy());
      copies[mould].hold(copy, Math.max(copy.freeAt, timing.freed() + instance.washMin(mould)));
    }
  }

  /** Schedules all remaining casts of a demand before its turn. */
  void placeAll(int demand) {
    if (left[demand] > 0) {
      place(Job.of(demand, left[demand]));
    }
  }

  /** Schedules the rest of begun casts that waited for parts. */
  void finish() {
    parts.finish();
  }

  /** Records a cast whose resources are booked. */
  void add(ScheduledCast cast) {
    casts.add(cast);
    if (instance.lines.get(cast.demand()).isPart()) {
      parts.ready(cast.demand(), cast.timing().ready());
    }
  }

  private void keep(Pin pin, Findings findings) {
    Line line = instance.lines.get(pin.demand());
    List<Activity> activities = instance.activitiesOf(line);
    int workMin = activities.get(0).workMin();
    Copy copy = copies[line.mould()].copy(pin.copy());
    String field = "pinned." + pin.no() + ".pourAt";
    Map<String, Object> told = Map.of("value", pin.pourAt().toString(), "copy", pin.copy());
    if (workMin > 0 && !resources.hands.isOpen(pin.pourMin(), workMin)) {
      findings.addIf(true, FindingCode.PIN_CLOSED, field, told);
      return;
    }
    if (workMin > 0 && !resources.hands.isFree(pin.pourMin(), workMin)) {
      findings.addIf(true, FindingCode.PIN_HANDS, field, told);
      return;
    }
    int[] partsAt = partsAt(pin.demand());
    Timing timing =
        resources.timing(
            activities, pin.pourMin() - activities.get(0).waitMin(), line.cavities(), partsAt, 0);
    int until = timing.freed() + instance.washMin(line.mould());
    int clash = Math.max(copy.freeAt, copy.runsInto(pin.pourMin(), until));
    if (copy.freeAt > pin.pourMin() || copy.runsInto(pin.pourMin(), until) >= 0) {
      findings.addIf(
          true,
          FindingCode.PIN_HELD,
          field,
          Map.of(
              "value", pin.pourAt().toString(),
              "copy", pin.copy(),
              "until", instance.at(clash).toString()));
      return;
    }
    if (timing.pour() != pin.pourMin()) {
      // A station without room would put the pour off.
      findings.addIf(true, FindingCode.PIN_HANDS, field, told);
      return;
    }
    resources.take(timing, line.cavities());
    kept(pin, timing, until);
  }

  /** Records a pin that is kept, whose resources are booked. */
  void kept(Pin pin, Timing timing, int until) {
    copies[instance.lines.get(pin.demand()).mould()].copy(pin.copy()).promise(pin.pourMin(), until);
    keptPins.add(pin.no());
    left[pin.demand()]--;
    add(new ScheduledCast(pin.demand(), pin.copy(), pin.pourMin(), timing, true));
  }

  /** Schedules the casts of a job; casts that their demands no longer want are passed over. */
  void place(Job job) {
    int family = instance.familyOf(job.demand(0));
    List<Integer> mixed = new ArrayList<>();
    for (int i = 0; i < job.casts(); i++) {
      int demand = job.demand(i);
      if (left[demand] <= 0) {
        continue;
      }
      if (!mixed.isEmpty() && !instance.feeding.ofDemand(demand).isEmpty()) {
        // Its own parts may be among them, and must be scheduled before their readiness is asked.
        mixes.place(family, mixed);
        mixed.clear();
      }
      int[] partsAt = partsAt(demand);
      if (left[demand] <= 0) {
        continue;
      }
      if (family == Instance.NONE) {
        left[demand]--;
        placeOne(demand, instance.lines.get(demand), partsAt);
      } else {
        left[demand]--;
        mixed.add(demand);
      }
    }
    if (!mixed.isEmpty()) {
      mixes.place(family, mixed);
    }
  }

  /** Returns when the parts of the next cast of a demand are ready, by joining step. */
  int[] partsAt(int demand) {
    Line line = instance.lines.get(demand);
    int taken = (line.casts() - left[demand] + 1) * line.cavities();
    return parts.at(
        instance.feeding.ofDemand(demand), Math.min(taken, line.quantity()), line.quantity());
  }

  private void placeOne(int demand, Line line, int[] partsAt) {
    List<Activity> activities = instance.activitiesOf(line);
    CopyPool free = copies[line.mould()];
    while (true) {
      Copy copy = free.takeFirst();
      int freeAt = copy.freeAt;
      int from = Math.max(freeAt, line.releaseMin() - activities.get(0).waitMin());
      Timing timing = resources.timing(activities, from, line.cavities(), partsAt, 0);
      int until = timing.freed() + instance.washMin(line.mould());
      int clash = copy.runsInto(timing.pour(), until);
      if (clash < 0) {
        resources.take(timing, line.cavities());
        clashes += timing.pour() < copy.freeAt ? 1 : 0;
        free.giveBack(copy, until);
        add(new ScheduledCast(demand, copy.number, freeAt, timing, false));
        return;
      }
      free.giveBack(copy, clash);
    }
  }

  Objective outcome() {
    int[] ready = readyByDemand();
    double late = 0;
    double promised = 0;
    for (int d = 0; d < ready.length; d++) {
      Line line = instance.lines.get(d);
      double own = line.weight() * instance.lateDays(line, ready[d]);
      late += own;
      promised += line.isPromised() ? own : 0;
    }
    long lateWorkMin = 0;
    long setupMin = 0;
    ColourOrder order = ColourOrder.of(this);
    long readyMin = 0;
    for (ScheduledCast cast : casts) {
      readyMin += cast.timing().ready();
      lateWorkMin += cast.timing().lateWorkMin();
      setupMin += cast.timing().setupMin();
    }
    double weighs = instance.request.hourWeighs();
    return new Objective(
        new Objective.Breaches(
            clashes, resources.hands.overMin(), resources.overfull() - overfullBefore),
        instance.hasPromises() ? promised : null,
        late,
        instance.families.isEmpty()
            ? null
            : batches.stream().mapToLong(m -> m.block().attendedMin()).sum(),
        instance.hasWindows() ? lateWorkMin : null,
        setupMin == 0 ? null : setupMin,
        weighs == 0 ? null : weighs,
        order.darkToLight(),
        order.idleBinderDays(),
        readyMin / 60);
  }

  /** Returns the last minute at which a cast is ready. */
  int lastMin() {
    int last = 0;
    for (ScheduledCast cast : casts) {
      last = Math.max(last, cast.timing().ready());
    }
    return last;
  }

  /** Returns the minute at which each demand is ready; 0 where no cast of it is scheduled. */
  int[] readyByDemand() {
    int[] ready = new int[instance.lines.size()];
    for (ScheduledCast cast : casts) {
      ready[cast.demand()] = Math.max(ready[cast.demand()], cast.timing().ready());
    }
    return ready;
  }

  /** Returns the product of the part that is ready last for a demand; null where it has none. */
  @Nullable String lastPart(int demand) {
    return parts.last(demand);
  }
}
