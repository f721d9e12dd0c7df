package ironshelf.core.plan.bound;

import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.Resources;
import java.util.ArrayList;
import java.util.List;

/**
 * A lower bound on the weighted late days of all schedules of a request: for each mould by itself,
 * with its copies as machines and within opening hours. People, mixers, stations and parts are
 * ignored, so the best schedule can lie well above it where they are scarce.
 */
public final class LateBound {

  private static final double ALIKE = 1e-6;

  private final Instance instance;
  private double least = Double.NaN;
  private List<MouldClock> clocks = List.of();

  public LateBound(Instance instance) {
    this.instance = instance;
  }

  /** Computed when it is first asked for. */
  public synchronized double leastLateDays() {
    if (Double.isNaN(least)) {
      double sum = 0;
      for (MouldClock clock : clocks()) {
        sum += new SlotSequence(clock).bounded().bound();
      }
      boolean whole = instance.lines.stream().allMatch(l -> l.weight() == Math.rint(l.weight()));
      least = whole ? Math.ceil(sum - ALIKE) : Math.max(0, sum - ALIKE);
    }
    return least;
  }

  private List<MouldClock> clocks() {
    if (clocks.isEmpty()) {
      Resources empty = Resources.empty(instance);
      List<MouldClock> all = new ArrayList<>();
      for (int mould = 0; mould < instance.moulds.size(); mould++) {
        all.add(new MouldClock(instance, mould, empty));
      }
      clocks = all;
    }
    return clocks;
  }

  /**
   * The place of a demand in its mould's sequence, where only moulds are scarce.
   *
   * @param atMin minute at which its first cast would be filled
   */
  public record Turn(int demand, int atMin, List<Integer> castsAt) {}

  /** Returns the places of all demands in a good sequence for each mould; parts have none. */
  public synchronized List<Turn> turns() {
    List<Turn> turns = new ArrayList<>();
    for (MouldClock clock : clocks()) {
      int n = 0;
      for (int job : new SlotSequence(clock).bounded().sequence()) {
        List<Integer> at = new ArrayList<>();
        for (int cast = 0; cast < clock.castsOf(job); cast++) {
          at.add(clock.slot(n++));
        }
        turns.add(new Turn(clock.demands[job], at.get(0), at));
      }
    }
    return turns;
  }
}
