package ironshelf.core.plan.resource;

import ironshelf.core.plan.PlanRequest.PlanMixer;
import java.util.ArrayList;
import java.util.List;

/**
 * The mixers over time: one mix at a time in each, with a setup that depends on the sequence (after
 * a darker mix of the same day it is washed for longer before a lighter one).
 */
public final class Mixers {

  /** A mix in its mixer; its first {@code setup} minutes are additional washing after the last. */
  private record Use(int from, int to, double shade, double moreWashMin, int setupMin) {}

  /**
   * A free period for a mix.
   *
   * @param setupMin of washing before it, contained in the period
   */
  public record Slot(int mixer, int at, int setupMin) {}

  private final Instance instance;
  private final Workforce hands;
  private final List<PlanMixer> mixers;
  private final List<List<Use>> uses = new ArrayList<>();

  public Mixers(Instance instance, Workforce hands) {
    this.instance = instance;
    this.hands = hands;
    this.mixers = instance.request.mixers();
    mixers.forEach(m -> uses.add(new ArrayList<>()));
  }

  /**
   * Returns the earliest slot from a minute on in which people and a mixer of the size are free.
   *
   * @param litres of one mix
   * @param block without setup
   */
  public Slot slot(int earliest, Block block, double litres, Family family) {
    Slot best = null;
    for (int m = 0; m < mixers.size(); m++) {
      if (mixers.get(m).litres() + 1e-9 >= litres) {
        Slot found = slot(m, earliest, block, family);
        best = best == null || found.at() < best.at() ? found : best;
      }
    }
    if (best == null) {
      throw new IllegalArgumentException("no mixer takes " + litres + " L");
    }
    return best;
  }

  /** Tests whether a mixer is free for a period and needs no additional washing before it. */
  boolean isFree(int mixer, int at, Block block, Family family) {
    Slot found = slot(mixer, at, block, family);
    return found.at() == at && found.setupMin() == 0;
  }

  double litres(int mixer) {
    return mixers.get(mixer).litres();
  }

  private Slot slot(int mixer, int earliest, Block block, Family family) {
    List<Use> own = uses.get(mixer);
    int at = earliest;
    int setup = 0;
    while (true) {
      int start = hands.slot(at, block.after(setup));
      int next = firstEndingAfter(own, start);
      int needed = next == 0 ? 0 : setup(own.get(next - 1), start, family.shade());
      if (needed != setup) {
        setup = needed;
        at = start;
        continue;
      }
      if (next < own.size()) {
        Use after = own.get(next);
        boolean clash = after.from() < start + block.minutes() + setup;
        // What comes after it would be washed for as long as it is.
        Use itself = new Use(start, start, family.shade(), family.rules().moreWashMin(), setup);
        if (clash || setup(itself, after.from(), after.shade()) != after.setupMin()) {
          at = after.to();
          setup = 0;
          continue;
        }
      }
      return new Slot(mixer, start, setup);
    }
  }

  private int setup(Use before, int start, double shade) {
    return before.shade() > shade && sameDay(before.from(), start)
        ? (int) Math.ceil(before.moreWashMin())
        : 0;
  }

  private boolean sameDay(int a, int b) {
    return instance.day(a) == instance.day(b);
  }

  private static int firstEndingAfter(List<Use> own, int minute) {
    int low = 0;
    int high = own.size();
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (own.get(middle).to() > minute) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low;
  }

  /** Books a mixer for a slot that was found free. */
  public void take(Slot slot, int minutes, double shade, double moreWashMin) {
    List<Use> own = uses.get(slot.mixer());
    own.add(
        firstEndingAfter(own, slot.at()),
        new Use(
            slot.at(), slot.at() + slot.setupMin() + minutes, shade, moreWashMin, slot.setupMin()));
  }

  /** Cancels the booking of a slot. */
  public void give(Slot slot, int minutes) {
    int to = slot.at() + slot.setupMin() + minutes;
    uses.get(slot.mixer()).removeIf(u -> u.from() == slot.at() && u.to() == to);
  }
}
