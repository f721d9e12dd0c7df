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

/** Schedules parts before the pieces that take them, and knows when they are ready. */
final class PartsScheduler {

  private final Schedule schedule;

  /** The activities of begun casts from their first joining step on, which wait for parts. */
  private final Map<Integer, List<Activity>> tails = new HashMap<>();

  /** The minutes at which casts of demands that feed others are ready, by demand. */
  private final Map<Integer, List<Integer>> readyOfParts = new HashMap<>();

  PartsScheduler(Schedule schedule) {
    this.schedule = schedule;
  }

  /** Records when a cast of a part is ready. */
  void ready(int demand, int readyMin) {
    readyOfParts.computeIfAbsent(demand, d -> new ArrayList<>()).add(readyMin);
  }

  /** Returns the activities before the first joining step and keeps the others for later. */
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

  /** Schedules the rest of begun casts that waited for parts. */
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
   * Returns the minute at which the parts of each joining step are ready. Schedules the demands
   * that feed them first, where that was not done.
   *
   * @param taken how many of the pieces that share the parts need theirs by then
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

  /** Returns when enough pieces of a demand are ready for that share of the takers. */
  private int readyOf(int demand, int taken, int pieces) {
    Line line = schedule.instance.lines.get(demand);
    schedule.placeAll(demand);
    List<Integer> ready = readyOfParts.getOrDefault(demand, List.of());
    if (ready.isEmpty()) {
      return 0;
    }
    long needed = ((long) line.quantity() * taken + pieces - 1) / pieces;
    long casts = Math.min(ready.size(), (needed + line.cavities() - 1) / line.cavities());
    return ready.stream().sorted().toList().get((int) Math.max(0, casts - 1));
  }

  /** Returns the product of the part that is ready last for a demand; null where it has none. */
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
