package ironshelf.core.plan.schedule;

import ironshelf.core.plan.resource.Activity;
import ironshelf.core.plan.resource.Block;
import ironshelf.core.plan.resource.CopyPool.Copy;
import ironshelf.core.plan.resource.Family;
import ironshelf.core.plan.resource.Filling;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.Instance.Line;
import ironshelf.core.plan.resource.Mixers;
import ironshelf.core.plan.resource.Mixers.Slot;
import ironshelf.core.plan.resource.Timing;
import ironshelf.core.plan.schedule.Schedule.Mix;
import ironshelf.core.plan.schedule.Schedule.ScheduledCast;
import java.util.ArrayList;
import java.util.List;

/**
 * Schedules mixes. A mix occupies one person and one mixer without a break: it is prepared and
 * mixed, fills one cast after the other, and its mixer is washed. Helpers fill as well where one
 * person is too slow for the working time. Casts that do not fit one mix get several.
 */
final class BatchScheduler {

  private final Schedule schedule;
  private final Instance instance;
  private final Mixers mixers;

  BatchScheduler(Schedule schedule) {
    this.schedule = schedule;
    this.instance = schedule.instance;
    this.mixers = schedule.resources.mixers;
  }

  /**
   * Schedules casts of one family in as few mixes as their order allows.
   *
   * @param demands the demand of each cast, in the order of filling
   */
  void place(int familyNo, List<Integer> demands) {
    Family family = instance.families.get(familyNo);
    List<Integer> mix = new ArrayList<>();
    List<Integer> minutes = new ArrayList<>();
    int[] copies = new int[instance.moulds.size()];
    double litres = 0;
    for (int demand : demands) {
      int mould = instance.lines.get(demand).mould();
      minutes.add(instance.fillMin(demand));
      boolean full =
          copies[mould] == instance.moulds.get(mould).copies()
              || !family.isOneMix(litres + instance.litresOf(demand), minutes)
              || !haveRoom(mix, demand);
      if (!mix.isEmpty() && full) {
        placeMix(familyNo, family, mix);
        mix = new ArrayList<>();
        minutes = new ArrayList<>(List.of(instance.fillMin(demand)));
        copies = new int[instance.moulds.size()];
        litres = 0;
      }
      mix.add(demand);
      copies[mould]++;
      litres += instance.litresOf(demand);
    }
    placeMix(familyNo, family, mix);
  }

  /**
   * Tests whether the stations where the casts of a mix set have room for one more. All of them
   * arrive together, so waiting would not make room.
   */
  private boolean haveRoom(List<Integer> mix, int more) {
    for (Activity.Stay stay : instance.setsIn(more)) {
      int pieces = instance.lines.get(more).cavities();
      for (int demand : mix) {
        boolean there =
            instance.setsIn(demand).stream().anyMatch(s -> s.station() == stay.station());
        pieces += there ? instance.lines.get(demand).cavities() : 0;
      }
      if (pieces > instance.request.stations().get(stay.station()).capacity()) {
        return false;
      }
    }
    return true;
  }

  /** Returns who fills what; one person fills all where no number of helpers is quick enough. */
  private Filling filling(Family family, double litres, List<Integer> demands) {
    List<Integer> minutes = demands.stream().map(instance::fillMin).toList();
    Filling filling = family.filling(litres, minutes);
    return filling == null ? Filling.of(minutes, 1) : filling;
  }

  private void placeMix(int familyNo, Family family, List<Integer> demands) {
    double litres = demands.stream().mapToDouble(instance::litresOf).sum();
    Filling filling = filling(family, litres, demands);
    Block block = family.block(litres, filling);
    int mixMin = family.mixMin(litres);
    List<int[]> partsAt = demands.stream().map(schedule::partsAt).toList();
    while (true) {
      Copy[] copies = new Copy[demands.size()];
      int[] freeAt = new int[copies.length];
      int earliest = 0;
      for (int i = 0; i < copies.length; i++) {
        copies[i] = schedule.copies[mouldOf(demands.get(i))].takeFirst();
        freeAt[i] = copies[i].freeAt;
        int from = Math.max(freeAt[i], instance.lines.get(demands.get(i)).releaseMin());
        earliest = Math.max(earliest, from - mixMin - filling.offset(i));
      }
      Slot slot = mixers.slot(earliest, block, family.oneMixL(litres), family);
      Timing[] timings = null;
      while (timings == null) {
        int[] later = new int[1];
        timings = fill(slot, mixMin, block, filling, demands, partsAt, later);
        if (timings == null) {
          slot = mixers.slot(slot.at() + later[0], block, family.oneMixL(litres), family);
        }
      }
      int clash = clash(demands, copies, timings);
      if (clash >= 0) {
        // Somebody promised that copy to another cast: another copy, or the same one after it.
        giveBack(slot, block, demands, timings, timings.length);
        for (int i = 0; i < copies.length; i++) {
          int until = i == clash ? runsInto(demands, copies, timings, i) : freeAt[i];
          schedule.copies[mouldOf(demands.get(i))].giveBack(copies[i], until);
        }
        continue;
      }
      List<Integer> nos = new ArrayList<>();
      List<Integer> fillers = new ArrayList<>();
      for (int i = 0; i < copies.length; i++) {
        int mould = mouldOf(demands.get(i));
        schedule.copies[mould].giveBack(copies[i], timings[i].freed() + instance.washMin(mould));
        nos.add(schedule.casts.size());
        fillers.add(filling.filler(i));
        schedule.add(
            new ScheduledCast(demands.get(i), copies[i].number, freeAt[i], timings[i], false));
      }
      schedule.batches.add(
          new Mix(
              familyNo,
              slot.at(),
              block.after(slot.setupMin()),
              family.mixedL(litres),
              nos,
              fillers));
      return;
    }
  }

  /** Returns the earliest slot for a mix of one cast that does not begin before a minute. */
  Slot slot(Family family, int earliest, double litres, int fillMin) {
    Block block = family.block(litres, Filling.of(List.of(fillMin), 1));
    return mixers.slot(earliest, block, family.oneMixL(litres), family);
  }

  private int mouldOf(int demand) {
    return instance.lines.get(demand).mould();
  }

  /**
   * Books a mix and its casts in a slot.
   *
   * @param later receives, in its one element, by how many minutes the mix must move for stations
   *     to have room
   * @return the timing of each cast; null where the mix must move, and then nothing is booked
   */
  private Timing[] fill(
      Slot slot,
      int mixMin,
      Block block,
      Filling filling,
      List<Integer> demands,
      List<int[]> partsAt,
      int[] later) {
    Family family = instance.families.get(instance.familyOf(demands.get(0)));
    schedule.resources.hands.take(slot.at(), block.after(slot.setupMin()));
    mixers.take(slot, block.minutes(), family.shade(), family.rules().moreWashMin());
    Timing[] timings = new Timing[demands.size()];
    int[] together = together(demands, filling);
    for (int i = 0; i < timings.length; i++) {
      int at = slot.at() + slot.setupMin() + mixMin + filling.offset(i);
      Line line = instance.lines.get(demands.get(i));
      Timing timing =
          schedule.resources.timing(
              instance.activitiesOf(line),
              at,
              line.cavities(),
              partsAt.get(i),
              slot.at() + slot.setupMin() + mixMin + together[i]);
      if (timing.pour() > at) {
        later[0] = timing.pour() - at;
        giveBack(slot, block, demands, timings, i);
        return null;
      }
      schedule.resources.take(timing, line.cavities());
      timings[i] = timing;
    }
    return timings;
  }

  /** Cancels the booking of a mix and of the first casts of it. */
  private void giveBack(
      Slot slot, Block block, List<Integer> demands, Timing[] timings, int casts) {
    for (int i = 0; i < casts; i++) {
      schedule.resources.give(timings[i], instance.lines.get(demands.get(i)).cavities());
    }
    schedule.resources.hands.give(slot.at(), block.after(slot.setupMin()));
    mixers.give(slot, block.minutes());
  }

  /**
   * Returns from when the next layer of each cast may be poured, in minutes after the mixing: late
   * enough that all of them can be poured from one mix without a break.
   */
  private int[] together(List<Integer> demands, Filling filling) {
    int[] from = new int[demands.size()];
    int before = 0;
    int start = 0;
    for (int i = 0; i < from.length; i++) {
      Activity next = instance.activitiesOf(instance.lines.get(demands.get(i))).get(1);
      if (next.later() != null) {
        int may = filling.offset(i) + instance.fillMin(demands.get(i)) + next.waitMin();
        start = Math.max(start, may - before);
        from[i] = before;
        before += next.workMin();
      }
    }
    for (int i = 0; i < from.length; i++) {
      Activity next = instance.activitiesOf(instance.lines.get(demands.get(i))).get(1);
      from[i] = next.later() == null ? 0 : from[i] + start;
    }
    return from;
  }

  private int clash(List<Integer> demands, Copy[] copies, Timing[] timings) {
    for (int i = 0; i < copies.length; i++) {
      if (runsInto(demands, copies, timings, i) >= 0) {
        return i;
      }
    }
    return -1;
  }

  private int runsInto(List<Integer> demands, Copy[] copies, Timing[] timings, int i) {
    int until = timings[i].freed() + instance.washMin(mouldOf(demands.get(i)));
    return copies[i].runsInto(timings[i].pour(), until);
  }
}
