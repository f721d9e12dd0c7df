package ironshelf.core.plan;

import ironshelf.core.plan.Copies.Copy;
import ironshelf.core.plan.Setting.Pin;
import ironshelf.core.plan.Setting.Task;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * One plan as it is laid: first what has begun, then what is pinned, then lot after lot, each cast
 * as early as moulds, hands and stations allow (a serial schedule generation scheme; Kolisch and
 * Hartmann 1999).
 */
final class Laying {

  /** One cast where it was laid; {@code copyFreeAt} is when its copy could be had. */
  record Laid(int demand, int copy, int copyFreeAt, Way way, boolean pinned) {}

  final Setting setting;
  final List<Laid> casts = new ArrayList<>();
  final List<Way> begun = new ArrayList<>();

  /** Why pins could not be kept, at their fields. */
  final Findings unkept = new Findings();

  /** The pins that were kept, by their place in the request. */
  final Set<Integer> keptPins = new TreeSet<>();

  private final Room room;
  private final Copies[] copies;
  private final int[] left;
  private final int overfullBefore;
  private int clashes;

  /**
   * Lays what has begun and what is pinned. A pin that cannot be kept is told in {@link #unkept},
   * and its cast is laid with the others.
   *
   * @param minutes over which the plan will likely reach
   */
  Laying(Setting setting, int minutes) {
    this.setting = setting;
    room = new Room(setting.request, minutes);
    copies = setting.moulds.stream().map(m -> new Copies(m.copies())).toArray(Copies[]::new);
    left = setting.tasks.stream().mapToInt(Task::casts).toArray();
    setting.request.begun().forEach(this::goOn);
    overfullBefore = room.overfull();
    setting.pins.forEach(pin -> keep(pin, unkept));
  }

  private void goOn(BegunCast cast) {
    Way way = room.way(Leg.of(cast.rest(), setting.stationNos), 0, cast.pieces());
    room.take(way, cast.pieces());
    begun.add(way);
    if (cast.mould() != null) {
      int mould = setting.mouldNos.get(cast.mould());
      Copy copy = copies[mould].copy(cast.copy());
      copies[mould].hold(copy, Math.max(copy.freeAt, way.freed() + setting.washMin(mould)));
    }
  }

  private void keep(Pin pin, Findings findings) {
    Task task = setting.tasks.get(pin.demand());
    List<Leg> legs = setting.legsOf(task);
    int workMin = legs.get(0).workMin();
    Copy copy = copies[task.mould()].copy(pin.copy());
    String field = "pinned." + pin.no() + ".pourAt";
    Map<String, Object> told = Map.of("value", pin.pourAt().toString(), "copy", pin.copy());
    if (workMin > 0 && !room.hands.isOpen(pin.pourMin(), workMin)) {
      findings.addIf(true, FindingCode.PIN_CLOSED, field, told);
      return;
    }
    if (workMin > 0 && !room.hands.isFree(pin.pourMin(), workMin)) {
      findings.addIf(true, FindingCode.PIN_HANDS, field, told);
      return;
    }
    Way way = room.way(legs, pin.pourMin() - legs.get(0).waitMin(), task.cavities());
    int until = way.freed() + setting.washMin(task.mould());
    int clash = Math.max(copy.freeAt, copy.runsInto(pin.pourMin(), until));
    if (copy.freeAt > pin.pourMin() || copy.runsInto(pin.pourMin(), until) >= 0) {
      findings.addIf(
          true,
          FindingCode.PIN_HELD,
          field,
          Map.of(
              "value", pin.pourAt().toString(),
              "copy", pin.copy(),
              "until", setting.at(clash).toString()));
      return;
    }
    if (way.pour() != pin.pourMin()) {
      // A station without room would put the pour off.
      findings.addIf(true, FindingCode.PIN_HANDS, field, told);
      return;
    }
    room.take(way, task.cavities());
    copy.promise(pin.pourMin(), until);
    keptPins.add(pin.no());
    left[pin.demand()]--;
    casts.add(new Laid(pin.demand(), pin.copy(), pin.pourMin(), way, true));
  }

  /** Lays the casts of a lot, as far as its demand still wants them. */
  void lay(Lot lot) {
    Task task = setting.tasks.get(lot.demand());
    for (int i = 0; i < lot.casts() && left[lot.demand()] > 0; i++) {
      left[lot.demand()]--;
      layOne(lot.demand(), task);
    }
  }

  private void layOne(int demand, Task task) {
    List<Leg> legs = setting.legsOf(task);
    Copies free = copies[task.mould()];
    while (true) {
      Copy copy = free.takeFirst();
      int freeAt = copy.freeAt;
      Way way = room.way(legs, freeAt, task.cavities());
      int until = way.freed() + setting.washMin(task.mould());
      int clash = copy.runsInto(way.pour(), until);
      if (clash < 0) {
        room.take(way, task.cavities());
        clashes += way.pour() < copy.freeAt ? 1 : 0;
        free.giveBack(copy, until);
        casts.add(new Laid(demand, copy.number, freeAt, way, false));
        return;
      }
      free.giveBack(copy, clash);
    }
  }

  Outcome outcome() {
    int[] ready = readyByDemand();
    double late = 0;
    for (int d = 0; d < ready.length; d++) {
      Task task = setting.tasks.get(d);
      late += task.weight() * setting.lateDays(task, ready[d]);
    }
    PourOrder order = PourOrder.of(this);
    long readyMin = 0;
    for (Laid cast : casts) {
      readyMin += cast.way().ready();
    }
    return new Outcome(
        new Outcome.Breaches(clashes, room.hands.overMin(), room.overfull() - overfullBefore),
        late,
        order.darkToLight(),
        order.idleBinderDays(),
        readyMin / 60);
  }

  /** The last minute at which something is ready. */
  int lastMin() {
    int last = 0;
    for (Laid cast : casts) {
      last = Math.max(last, cast.way().ready());
    }
    return last;
  }

  /** When each demand is ready. */
  int[] readyByDemand() {
    int[] ready = new int[setting.tasks.size()];
    for (Laid cast : casts) {
      ready[cast.demand()] = Math.max(ready[cast.demand()], cast.way().ready());
    }
    return ready;
  }
}
