package ironshelf.core.plan;

import java.util.ArrayList;
import java.util.List;

/** When the works of one cast begin, and what held them up. Not changed once it is found. */
final class Way {

  private final List<Leg> legs;
  private final int[] starts;
  private final int forHands;
  private final int forStation;
  private final int station;
  private final int forParts;

  /**
   * A way.
   *
   * @param starts of its legs, in minutes; not copied
   * @param forHands minutes for which a person was waited for
   * @param forStation minutes for which room in a station was waited for
   * @param station that had none; {@link Leg#NOWHERE} where all had
   * @param forParts minutes for which parts were waited for
   */
  Way(List<Leg> legs, int[] starts, int forHands, int forStation, int station, int forParts) {
    this.legs = legs;
    this.starts = starts;
    this.forHands = forHands;
    this.forStation = forStation;
    this.station = station;
    this.forParts = forParts;
  }

  List<Leg> legs() {
    return legs;
  }

  int start(int leg) {
    return starts[leg];
  }

  int end(int leg) {
    return starts[leg] + legs.get(leg).workMin();
  }

  int forHands() {
    return forHands;
  }

  int forStation() {
    return forStation;
  }

  int station() {
    return station;
  }

  int forParts() {
    return forParts;
  }

  /** When its first work begins. */
  int pour() {
    return starts[0];
  }

  int ready() {
    return starts[starts.length - 1];
  }

  /** When its mould is free; 0 where it stands in none. */
  int freed() {
    for (int i = 0; i < starts.length; i++) {
      if (legs.get(i).frees()) {
        return end(i);
      }
    }
    return 0;
  }

  /** This and what comes after it as one; the other begins with a leg that stands for its end. */
  Way and(Way after) {
    int own = legs.size() - 1;
    List<Leg> all = new ArrayList<>(legs.subList(0, own));
    all.addAll(after.legs.subList(1, after.legs.size()));
    int[] begins = new int[all.size()];
    System.arraycopy(starts, 0, begins, 0, own);
    System.arraycopy(after.starts, 1, begins, own, after.legs.size() - 1);
    return new Way(
        all,
        begins,
        forHands + after.forHands,
        forStation + after.forStation,
        after.station == Leg.NOWHERE ? station : after.station,
        forParts + after.forParts);
  }
}
