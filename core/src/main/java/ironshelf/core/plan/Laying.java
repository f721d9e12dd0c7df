package ironshelf.core.plan;

import ironshelf.core.plan.Copies.Copy;
import ironshelf.core.plan.Feeding.Source;
import ironshelf.core.plan.Setting.Pin;
import ironshelf.core.plan.Setting.Task;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

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

  /** Where begun casts wait for parts: what is still to be laid of them. */
  private final Map<Integer, List<Leg>> tails = new HashMap<>();

  /** When the casts of demands that feed others are ready. */
  private final Map<Integer, List<Integer>> readyOfParts = new HashMap<>();

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
    for (int b = 0; b < setting.request.begun().size(); b++) {
      goOn(b, setting.request.begun().get(b));
    }
    overfullBefore = room.overfull();
    setting.pins.forEach(pin -> keep(pin, unkept));
  }

  private void goOn(int begunNo, BegunCast cast) {
    List<Leg> legs = Leg.of(cast.rest(), setting.stationNos);
    if (!setting.feeding.ofBegun(begunNo).isEmpty()) {
      legs = untilJoin(begunNo, legs);
    }
    Way way = room.way(legs, 0, cast.pieces());
    room.take(way, cast.pieces());
    begun.add(way);
    if (cast.mould() != null) {
      int mould = setting.mouldNos.get(cast.mould());
      Copy copy = copies[mould].copy(cast.copy());
      copies[mould].hold(copy, Math.max(copy.freeAt, way.freed() + setting.washMin(mould)));
    }
  }

  /** The works before the first joining step; the others wait for their parts. */
  private List<Leg> untilJoin(int begunNo, List<Leg> legs) {
    int join = 0;
    while (join < legs.size() && legs.get(join).join() == Leg.NOWHERE) {
      join++;
    }
    if (join == legs.size()) {
      return legs;
    }
    Leg end = new Leg("parts", 0, 0, List.of(), false, Leg.NOWHERE);
    List<Leg> head = new ArrayList<>(legs.subList(0, join));
    List<Leg> tail = new ArrayList<>(legs.subList(join, legs.size()));
    head.add(end);
    tail.add(0, end);
    tails.put(begunNo, tail);
    return head;
  }

  /** Lays all that is left: what has begun and waits for its parts. */
  void finish() {
    List.copyOf(tails.keySet()).forEach(this::finishBegun);
  }

  private Way finishBegun(int begunNo) {
    List<Leg> tail = tails.remove(begunNo);
    Way head = begun.get(begunNo);
    if (tail == null) {
      return head;
    }
    int pieces = setting.request.begun().get(begunNo).pieces();
    int[] partsAt = partsAt(setting.feeding.ofBegun(begunNo), 1, 1);
    Way way = room.way(tail, head.ready(), pieces, partsAt);
    room.take(way, pieces);
    begun.set(begunNo, head.and(way));
    return begun.get(begunNo);
  }

  /**
   * When the parts of each joining step are there; lays what feeds them first.
   *
   * @param taken of the pieces that share them, so many need theirs by then
   */
  private int[] partsAt(List<Source> sources, int taken, int pieces) {
    if (sources.isEmpty()) {
      return Feeding.NO_WAIT;
    }
    int[] at = new int[1 + sources.stream().mapToInt(Source::join).max().orElse(0)];
    for (Source source : sources) {
      int no = source.from().no();
      int ready = source.from().begun() ? finishBegun(no).ready() : readyOf(no, taken, pieces);
      at[source.join()] = Math.max(at[source.join()], ready);
    }
    return at;
  }

  /** When so many of a demand's pieces are ready as that share of the takers needs. */
  private int readyOf(int demand, int taken, int pieces) {
    Task task = setting.tasks.get(demand);
    lay(new Lot(demand, 0, left[demand]));
    List<Integer> ready = readyOfParts.getOrDefault(demand, List.of());
    if (ready.isEmpty()) {
      return 0;
    }
    long needed = ((long) task.quantity() * taken + pieces - 1) / pieces;
    long casts = Math.min(ready.size(), (needed + task.cavities() - 1) / task.cavities());
    return ready.stream().sorted().toList().get((int) Math.max(0, casts - 1));
  }

  private void laid(Laid cast) {
    casts.add(cast);
    if (setting.tasks.get(cast.demand()).isPart()) {
      readyOfParts.computeIfAbsent(cast.demand(), d -> new ArrayList<>()).add(cast.way().ready());
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
    int[] partsAt = partsAt(pin.demand());
    Way way = room.way(legs, pin.pourMin() - legs.get(0).waitMin(), task.cavities(), partsAt);
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
    laid(new Laid(pin.demand(), pin.copy(), pin.pourMin(), way, true));
  }

  /** Lays the casts of a lot, as far as its demand still wants them. */
  void lay(Lot lot) {
    Task task = setting.tasks.get(lot.demand());
    for (int i = 0; i < lot.casts() && left[lot.demand()] > 0; i++) {
      int[] partsAt = partsAt(lot.demand());
      left[lot.demand()]--;
      layOne(lot.demand(), task, partsAt);
    }
  }

  /** When the parts of the next cast of a demand are there. */
  private int[] partsAt(int demand) {
    Task task = setting.tasks.get(demand);
    int taken = (task.casts() - left[demand] + 1) * task.cavities();
    return partsAt(
        setting.feeding.ofDemand(demand), Math.min(taken, task.quantity()), task.quantity());
  }

  private void layOne(int demand, Task task, int[] partsAt) {
    List<Leg> legs = setting.legsOf(task);
    Copies free = copies[task.mould()];
    while (true) {
      Copy copy = free.takeFirst();
      int freeAt = copy.freeAt;
      Way way = room.way(legs, freeAt, task.cavities(), partsAt);
      int until = way.freed() + setting.washMin(task.mould());
      int clash = copy.runsInto(way.pour(), until);
      if (clash < 0) {
        room.take(way, task.cavities());
        clashes += way.pour() < copy.freeAt ? 1 : 0;
        free.giveBack(copy, until);
        laid(new Laid(demand, copy.number, freeAt, way, false));
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

  /** The product of that which feeds a demand last. */
  @Nullable String lastPart(int demand) {
    String product = null;
    int last = -1;
    for (Source source : setting.feeding.ofDemand(demand)) {
      int no = source.from().no();
      int ready = source.from().begun() ? begun.get(no).ready() : readyOf(no, 1, 1);
      if (ready > last) {
        last = ready;
        product =
            source.from().begun()
                ? setting.request.begun().get(no).name()
                : setting.request.demands().get(no).product();
      }
    }
    return product;
  }
}
