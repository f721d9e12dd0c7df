package ironshelf.core.plan.schedule;

import ironshelf.core.plan.Feeding.Source;
import ironshelf.core.plan.resource.Activity;
import ironshelf.core.plan.resource.Instance.Line;
import ironshelf.core.plan.resource.Resources;
import ironshelf.core.plan.resource.Timing;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Lays parts before what takes them, and says when they are there. */
final class PartsLayer {

  private final Schedule schedule;

  /** Where begun casts wait for parts: what is still to be laid of them. */
  private final Map<Integer, List<Activity>> tails = new HashMap<>();

  /** When the casts of demands that feed others are ready. */
  private final Map<Integer, List<Integer>> readyOfParts = new HashMap<>();

  PartsLayer(Schedule schedule) {
    this.schedule = schedule;
  }

  /** Notes when a cast of a part is ready. */
  void ready(int demand, int readyMin) {
    readyOfParts.computeIfAbsent(demand, d -> new ArrayList<>()).add(readyMin);
  }

  /** The works before the first joining step; the others wait for their parts. */
  List<Activity> untilJoin(int begunNo, List<Activity> activities) {
    int join = 0;
    while (join < activities.size() && activities.get(join).join() == Activity.NOWHERE) {
      join++;
    }
    if (join == activities.size()) {
      return activities;
    }
    Activity end = new Activity("parts", 0, 0, List.of(), false, Activity.NOWHERE);
    List<Activity> head = new ArrayList<>(activities.subList(0, join));
    List<Activity> tail = new ArrayList<>(activities.subList(join, activities.size()));
    head.add(end);
    tail.add(0, end);
    tails.put(begunNo, tail);
    return head;
  }

  /** Lays all that is left: what has begun and waits for its parts. */
  void finish() {
    List.copyOf(tails.keySet()).forEach(this::finishBegun);
  }

  private Timing finishBegun(int begunNo) {
    List<Activity> tail = tails.remove(begunNo);
    Timing head = schedule.begun.get(begunNo);
    if (tail == null) {
      return head;
    }
    int pieces = schedule.instance.request.begun().get(begunNo).pieces();
    int[] partsAt = at(schedule.instance.feeding.ofBegun(begunNo), 1, 1);
    Timing timing = schedule.resources.timing(tail, head.ready(), pieces, partsAt, 0);
    schedule.resources.take(timing, pieces);
    schedule.begun.set(begunNo, head.and(timing));
    return schedule.begun.get(begunNo);
  }

  /**
   * When the parts of each joining step are there; lays what feeds them first.
   *
   * @param taken of the pieces that share them, so many need theirs by then
   */
  int[] at(List<Source> sources, int taken, int pieces) {
    if (sources.isEmpty()) {
      return Resources.NO_WAIT;
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
    Line line = schedule.instance.lines.get(demand);
    schedule.layAll(demand);
    List<Integer> ready = readyOfParts.getOrDefault(demand, List.of());
    if (ready.isEmpty()) {
      return 0;
    }
    long needed = ((long) line.quantity() * taken + pieces - 1) / pieces;
    long casts = Math.min(ready.size(), (needed + line.cavities() - 1) / line.cavities());
    return ready.stream().sorted().toList().get((int) Math.max(0, casts - 1));
  }

  /** The product of that which feeds a demand last. */
  @Nullable String last(int demand) {
    String product = null;
    int last = -1;
    for (Source source : schedule.instance.feeding.ofDemand(demand)) {
      int no = source.from().no();
      int ready = source.from().begun() ? schedule.begun.get(no).ready() : readyOf(no, 1, 1);
      if (ready > last) {
        last = ready;
        product =
            source.from().begun()
                ? schedule.instance.request.begun().get(no).name()
                : schedule.instance.request.demands().get(no).product();
      }
    }
    return product;
  }
}
