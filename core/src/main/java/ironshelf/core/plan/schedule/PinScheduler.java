package ironshelf.core.plan.schedule;

import ironshelf.core.plan.resource.Activity;
import ironshelf.core.plan.resource.Block;
import ironshelf.core.plan.resource.CopyPool.Copy;
import ironshelf.core.plan.resource.Family;
import ironshelf.core.plan.resource.Filling;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.Instance.Line;
import ironshelf.core.plan.resource.Instance.Pin;
import ironshelf.core.plan.resource.Mixers;
import ironshelf.core.plan.resource.Mixers.Slot;
import ironshelf.core.plan.resource.Timing;
import ironshelf.core.plan.schedule.Schedule.Mix;
import ironshelf.core.quantity.FindingCode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Schedules pinned casts that are mixed: at their pins, or it reports why that is not possible. */
final class PinScheduler {

  private final Schedule schedule;
  private final Instance instance;
  private final Mixers mixers;

  PinScheduler(Schedule schedule) {
    this.schedule = schedule;
    this.instance = schedule.instance;
    this.mixers = schedule.resources.mixers;
  }

  /**
   * Schedules pins. Pins of one family become one mix again where their minutes are those at which
   * one mix would fill them. An earlier mix is scheduled before a later one, which is washed for
   * after it.
   */
  void keep(List<Pin> pins) {
    List<Pin> left = new ArrayList<>(pins);
    left.sort(
        Comparator.comparingInt((Pin p) -> instance.familyOf(p.demand()))
            .thenComparingInt(Pin::pourMin)
            .thenComparingInt(Pin::no));
    List<List<Pin>> mixes = new ArrayList<>();
    List<Pin> mix = List.of();
    for (Pin pin : left) {
      List<Pin> more = new ArrayList<>(mix);
      more.add(pin);
      boolean follows = instance.familyOf(more.get(0).demand()) == instance.familyOf(pin.demand());
      if (mix.isEmpty() || !follows || asPinned(more) == null) {
        mix = new ArrayList<>();
        mixes.add(mix);
      }
      mix.add(pin);
    }
    mixes.sort(Comparator.comparingInt(this::start));
    mixes.forEach(this::keepMix);
  }

  private Family family(List<Pin> mix) {
    return instance.families.get(instance.familyOf(mix.get(0).demand()));
  }

  private double litres(List<Pin> mix) {
    return mix.stream().mapToDouble(p -> instance.litresOf(p.demand())).sum();
  }

  /** Returns the minute at which a mix is begun, without washing after another. */
  private int start(List<Pin> mix) {
    return mix.get(0).pourMin() - family(mix).mixMin(litres(mix));
  }

  /**
   * Returns the filling by the fewest people that begins each cast at the minute of its pin; null
   * where there is none.
   */
  private @Nullable Filling asPinned(List<Pin> pins) {
    List<Integer> minutes = pins.stream().map(p -> instance.fillMin(p.demand())).toList();
    for (int people = 1; people <= Math.min(instance.request.people(), pins.size()); people++) {
      Filling filling = Filling.of(minutes, people);
      boolean same = true;
      for (int i = 0; i < pins.size(); i++) {
        same &= pins.get(i).pourMin() == pins.get(0).pourMin() + filling.offset(i);
      }
      if (same) {
        return filling;
      }
    }
    return null;
  }

  private void keepMix(List<Pin> pins) {
    int familyNo = instance.familyOf(pins.get(0).demand());
    Family family = family(pins);
    double litres = litres(pins);
    Filling filling = Objects.requireNonNull(asPinned(pins));
    Block block = family.block(litres, filling);
    int start = start(pins);
    if (start < 0 || !schedule.resources.hands.isOpen(start, block.minutes())) {
      pins.forEach(p -> refuse(p, FindingCode.PIN_CLOSED));
      return;
    }
    Slot slot = mixers.slot(start, block, family.oneMixL(litres), family);
    if (slot.setupMin() > 0 && start >= slot.setupMin()) {
      // Its setup came before it when it was pinned.
      int setup = slot.setupMin();
      slot = mixers.slot(start - setup, block, family.oneMixL(litres), family);
    }
    if (slot.at() + slot.setupMin() != start) {
      pins.forEach(p -> refuse(p, FindingCode.PIN_HANDS));
      return;
    }
    Block taken = block.after(slot.setupMin());
    schedule.resources.hands.take(slot.at(), taken);
    mixers.take(slot, block.minutes(), family.shade(), family.rules().moreWashMin());
    List<Integer> nos = new ArrayList<>();
    List<Integer> fillers = new ArrayList<>();
    for (int i = 0; i < pins.size(); i++) {
      Pin pin = pins.get(i);
      Line line = instance.lines.get(pin.demand());
      List<Activity> activities = instance.activitiesOf(line);
      Timing timing =
          schedule.resources.timing(
              activities, pin.pourMin(), line.cavities(), schedule.partsAt(pin.demand()), 0);
      int until = timing.freed() + instance.washMin(line.mould());
      Copy copy = schedule.copies[line.mould()].copy(pin.copy());
      if (copy.freeAt > pin.pourMin() || copy.runsInto(pin.pourMin(), until) >= 0) {
        refuse(pin, FindingCode.PIN_HELD);
      } else if (timing.pour() != pin.pourMin()) {
        refuse(pin, FindingCode.PIN_HANDS);
      } else {
        schedule.resources.take(timing, line.cavities());
        nos.add(schedule.casts.size());
        fillers.add(filling.filler(i));
        schedule.kept(pin, timing, until);
      }
    }
    if (nos.isEmpty()) {
      schedule.resources.hands.give(slot.at(), taken);
      mixers.give(slot, block.minutes());
      return;
    }
    schedule.batches.add(new Mix(familyNo, slot.at(), taken, family.mixedL(litres), nos, fillers));
  }

  private void refuse(Pin pin, FindingCode why) {
    Copy copy = schedule.copies[instance.lines.get(pin.demand()).mould()].copy(pin.copy());
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
