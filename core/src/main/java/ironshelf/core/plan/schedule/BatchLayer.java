package ironshelf.core.plan.schedule;

import ironshelf.core.plan.resource.Activity;
import ironshelf.core.plan.resource.CopyPool.Copy;
import ironshelf.core.plan.resource.Family;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.Instance.Line;
import ironshelf.core.plan.resource.Instance.Pin;
import ironshelf.core.plan.resource.Mixers;
import ironshelf.core.plan.resource.Mixers.Slot;
import ironshelf.core.plan.resource.Timing;
import ironshelf.core.plan.schedule.Schedule.Laid;
import ironshelf.core.plan.schedule.Schedule.Mix;
import ironshelf.core.quantity.FindingCode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * Lays mixes: one stretch of one person and one mixer, to prepare and mix, fill cast after cast and
 * wash. What one mix cannot fill becomes several.
 */
final class BatchLayer {

  private final Schedule schedule;
  private final Instance instance;
  private final Mixers mixers;

  BatchLayer(Schedule schedule) {
    this.schedule = schedule;
    this.instance = schedule.instance;
    this.mixers = new Mixers(instance, schedule.resources.hands);
  }

  /** Lays casts of one family, by their demands, in as few mixes as their order allows. */
  void lay(int familyNo, List<Integer> demands) {
    Family family = instance.families.get(familyNo);
    List<Integer> mix = new ArrayList<>();
    int[] copies = new int[instance.moulds.size()];
    double litres = 0;
    int fillMin = 0;
    for (int demand : demands) {
      int mould = instance.lines.get(demand).mould();
      double more = litres + instance.litresOf(demand);
      int moreMin = fillMin + instance.fillMin(demand);
      boolean full =
          copies[mould] == instance.moulds.get(mould).copies() || !family.isOneMix(more, moreMin);
      if (!mix.isEmpty() && full) {
        layMix(familyNo, family, mix);
        mix = new ArrayList<>();
        copies = new int[instance.moulds.size()];
        more = instance.litresOf(demand);
        moreMin = instance.fillMin(demand);
      }
      mix.add(demand);
      copies[mould]++;
      litres = more;
      fillMin = moreMin;
    }
    layMix(familyNo, family, mix);
  }

  private void layMix(int familyNo, Family family, List<Integer> demands) {
    double litres = demands.stream().mapToDouble(instance::litresOf).sum();
    int fillMin = demands.stream().mapToInt(instance::fillMin).sum();
    int mixMin = family.mixMin(litres);
    int minutes = family.minutes(litres, fillMin);
    List<int[]> partsAt = demands.stream().map(schedule::partsAt).toList();
    while (true) {
      Copy[] copies = new Copy[demands.size()];
      int[] freeAt = new int[copies.length];
      int earliest = 0;
      int offset = mixMin;
      for (int i = 0; i < copies.length; i++) {
        copies[i] = schedule.copies[mouldOf(demands.get(i))].takeFirst();
        freeAt[i] = copies[i].freeAt;
        earliest = Math.max(earliest, freeAt[i] - offset);
        offset += instance.fillMin(demands.get(i));
      }
      Slot slot = mixers.slot(earliest, minutes, family.oneMixL(litres), family.shade());
      Timing[] timings = null;
      while (timings == null) {
        int[] later = new int[1];
        timings = fill(slot, mixMin, minutes, demands, partsAt, later);
        if (timings == null) {
          slot = mixers.slot(slot.at() + later[0], minutes, family.oneMixL(litres), family.shade());
        }
      }
      int clash = clash(demands, copies, timings);
      if (clash >= 0) {
        // Somebody promised that copy to another cast: another copy, or the same one after it.
        giveBack(slot, minutes, demands, timings);
        for (int i = 0; i < copies.length; i++) {
          int until = i == clash ? runsInto(demands, copies, timings, i) : freeAt[i];
          schedule.copies[mouldOf(demands.get(i))].giveBack(copies[i], until);
        }
        continue;
      }
      mixers.take(slot, minutes, family.shade(), family.rules().moreWashMin());
      List<Integer> nos = new ArrayList<>();
      for (int i = 0; i < copies.length; i++) {
        int mould = mouldOf(demands.get(i));
        schedule.copies[mould].giveBack(copies[i], timings[i].freed() + instance.washMin(mould));
        nos.add(schedule.casts.size());
        schedule.laid(new Laid(demands.get(i), copies[i].number, freeAt[i], timings[i], false));
      }
      schedule.batches.add(
          new Mix(familyNo, slot.at(), minutes + slot.setupMin(), family.mixedL(litres), nos));
      return;
    }
  }

  /** The earliest stretch for a mix from a minute on. */
  Slot slot(Family family, int earliest, double litres, int fillMin) {
    return mixers.slot(
        earliest, family.minutes(litres, fillMin), family.oneMixL(litres), family.shade());
  }

  private int mouldOf(int demand) {
    return instance.lines.get(demand).mould();
  }

  /**
   * Books the mix and its casts in a slot.
   *
   * @param later by how much the mix must be later for stations to have room, where it must
   * @return null where it must; then nothing is booked
   */
  private Timing[] fill(
      Slot slot, int mixMin, int minutes, List<Integer> demands, List<int[]> partsAt, int[] later) {
    schedule.resources.hands.take(slot.at(), minutes + slot.setupMin());
    Timing[] timings = new Timing[demands.size()];
    int at = slot.at() + slot.setupMin() + mixMin;
    for (int i = 0; i < timings.length; i++) {
      Line line = instance.lines.get(demands.get(i));
      Timing timing =
          schedule.resources.timing(
              instance.activitiesOf(line), at, line.cavities(), partsAt.get(i));
      if (timing.pour() > at) {
        later[0] = timing.pour() - at;
        for (int j = 0; j < i; j++) {
          schedule.resources.give(timings[j], instance.lines.get(demands.get(j)).cavities());
        }
        schedule.resources.hands.give(slot.at(), minutes + slot.setupMin());
        return null;
      }
      schedule.resources.take(timing, line.cavities());
      timings[i] = timing;
      at += instance.fillMin(demands.get(i));
    }
    return timings;
  }

  private void giveBack(Slot slot, int minutes, List<Integer> demands, Timing[] timings) {
    for (int i = 0; i < timings.length; i++) {
      schedule.resources.give(timings[i], instance.lines.get(demands.get(i)).cavities());
    }
    schedule.resources.hands.give(slot.at(), minutes + slot.setupMin());
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

  /**
   * Keeps pins of mixes. Those of one family that follow on each other without a break are one mix,
   * as they were when they were pinned.
   */
  void keep(List<Pin> pins) {
    List<Pin> left = new ArrayList<>(pins);
    left.sort(
        Comparator.comparingInt((Pin p) -> instance.familyOf(p.demand()))
            .thenComparingInt(Pin::pourMin));
    List<Pin> mix = new ArrayList<>();
    for (Pin pin : left) {
      Pin last = mix.isEmpty() ? null : mix.get(mix.size() - 1);
      boolean follows =
          last != null
              && instance.familyOf(last.demand()) == instance.familyOf(pin.demand())
              && last.pourMin() + instance.fillMin(last.demand()) == pin.pourMin();
      if (last != null && !follows) {
        keepMix(mix);
        mix = new ArrayList<>();
      }
      mix.add(pin);
    }
    if (!mix.isEmpty()) {
      keepMix(mix);
    }
  }

  private void keepMix(List<Pin> pins) {
    int familyNo = instance.familyOf(pins.get(0).demand());
    Family family = instance.families.get(familyNo);
    double litres = pins.stream().mapToDouble(p -> instance.litresOf(p.demand())).sum();
    int fillMin = pins.stream().mapToInt(p -> instance.fillMin(p.demand())).sum();
    int minutes = family.minutes(litres, fillMin);
    int start = pins.get(0).pourMin() - family.mixMin(litres);
    if (start < 0 || !schedule.resources.hands.isOpen(start, minutes)) {
      pins.forEach(p -> refuse(p, FindingCode.PIN_CLOSED));
      return;
    }
    Slot slot = mixers.slot(start, minutes, family.oneMixL(litres), family.shade());
    if (slot.setupMin() > 0 && start >= slot.setupMin()) {
      // Its setup came before it when it was pinned.
      int setup = slot.setupMin();
      slot = mixers.slot(start - setup, minutes, family.oneMixL(litres), family.shade());
    }
    if (slot.at() + slot.setupMin() != start) {
      pins.forEach(p -> refuse(p, FindingCode.PIN_HANDS));
      return;
    }
    int taken = minutes + slot.setupMin();
    schedule.resources.hands.take(slot.at(), taken);
    List<Integer> nos = new ArrayList<>();
    for (Pin pin : pins) {
      Line line = instance.lines.get(pin.demand());
      List<Activity> activities = instance.activitiesOf(line);
      Timing timing =
          schedule.resources.timing(
              activities, pin.pourMin(), line.cavities(), schedule.partsAt(pin.demand()));
      int until = timing.freed() + instance.washMin(line.mould());
      Copy copy = schedule.copies[line.mould()].copy(pin.copy());
      if (copy.freeAt > pin.pourMin() || copy.runsInto(pin.pourMin(), until) >= 0) {
        refuse(pin, FindingCode.PIN_HELD);
      } else if (timing.pour() != pin.pourMin()) {
        refuse(pin, FindingCode.PIN_HANDS);
      } else {
        schedule.resources.take(timing, line.cavities());
        nos.add(schedule.casts.size());
        schedule.kept(pin, timing, until);
      }
    }
    if (nos.isEmpty()) {
      schedule.resources.hands.give(slot.at(), taken);
      return;
    }
    mixers.take(slot, minutes, family.shade(), family.rules().moreWashMin());
    schedule.batches.add(new Mix(familyNo, slot.at(), taken, family.mixedL(litres), nos));
  }

  private void refuse(Pin pin, FindingCode why) {
    Copy copy = schedule.copies[mouldOf(pin.demand())].copy(pin.copy());
    schedule.unkept.addIf(
        true,
        why,
        "pinned." + pin.no() + ".pourAt",
        Map.of(
            "value", pin.pourAt().toString(),
            "copy", pin.copy(),
            "until", instance.at(Math.max(0, copy.freeAt)).toString()));
  }
}
