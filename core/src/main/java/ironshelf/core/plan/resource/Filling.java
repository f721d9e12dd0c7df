package ironshelf.core.plan.resource;

import java.util.List;

/**
 * How the casts of one mix are filled: in their order, each by whoever of so many people is free
 * first. The first of them is the one who mixed.
 */
public final class Filling {

  private final int[] offsets;
  private final int[] fillers;
  private final int people;
  private final int lengthMin;

  private Filling(int[] offsets, int[] fillers, int people, int lengthMin) {
    this.offsets = offsets;
    this.fillers = fillers;
    this.people = people;
    this.lengthMin = lengthMin;
  }

  /**
   * By so many people.
   *
   * @param minutes that each cast takes one of them
   */
  public static Filling of(List<Integer> minutes, int people) {
    int[] offsets = new int[minutes.size()];
    int[] fillers = new int[offsets.length];
    int[] free = new int[people];
    int length = 0;
    for (int i = 0; i < offsets.length; i++) {
      int first = 0;
      for (int p = 1; p < people; p++) {
        first = free[p] < free[first] ? p : first;
      }
      offsets[i] = free[first];
      fillers[i] = first;
      free[first] += minutes.get(i);
      length = Math.max(length, free[first]);
    }
    return new Filling(offsets, fillers, people, length);
  }

  /** Minutes after the mixing at which a cast's filling begins. */
  public int offset(int cast) {
    return offsets[cast];
  }

  /** Who fills a cast; 0 for the one who mixed. */
  public int filler(int cast) {
    return fillers[cast];
  }

  /** How many fill beside the one who mixed. */
  public int helpers() {
    return people - 1;
  }

  /** Until the last cast is filled. */
  public int lengthMin() {
    return lengthMin;
  }
}
