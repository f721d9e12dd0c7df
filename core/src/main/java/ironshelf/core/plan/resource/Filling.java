package ironshelf.core.plan.resource;

import java.util.List;

/**
 * Who fills which cast of a mix, and when: in the order of the casts, each by the first of several
 * people who is free. Person 0 is the one who mixed.
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
   * Assigns casts to a number of people.
   *
   * @param minutes that each cast takes
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

  /** Returns the minutes after the mixing at which the filling of a cast begins. */
  public int offset(int cast) {
    return offsets[cast];
  }

  /** Returns who fills a cast; 0 is the person who mixed. */
  public int filler(int cast) {
    return fillers[cast];
  }

  /** Returns the number of people who fill besides the one who mixed. */
  public int helpers() {
    return people - 1;
  }

  /** Returns the minutes until the last cast is filled. */
  public int lengthMin() {
    return lengthMin;
  }
}
