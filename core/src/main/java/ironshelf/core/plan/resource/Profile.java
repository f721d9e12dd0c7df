package ironshelf.core.plan.resource;

/**
 * How many pieces stand in a station over time, in minutes from the plan's start: a segment tree of
 * the highest level with additions kept at the nodes that they cover, so that looking at or taking
 * a stretch costs the logarithm of the horizon (Bentley 1977). It grows by doubling.
 */
public final class Profile {

  private final int capacity;
  private int size;
  private int[] most;
  private int[] added;

  /**
   * Creates the profile of an empty station.
   *
   * @param minutes the horizon to expect; it grows by itself
   */
  public Profile(int capacity, int minutes) {
    this.capacity = capacity;
    size = 2 * Integer.highestOneBit(Math.max(1, minutes));
    most = new int[2 * size];
    added = new int[2 * size];
  }

  /** Returns the last minute of a period at which so many more have no room; -1 where they have. */
  public int lastConflict(int from, int to, int more) {
    if (from >= to || most[1] + more <= capacity) {
      return -1;
    }
    return last(1, 0, size, from, Math.min(to, size), capacity - more);
  }

  /** Returns the last minute at which the level exceeds a limit; -1 where it never does. */
  private int last(int node, int low, int high, int from, int to, int allowed) {
    if (to <= low || high <= from || most[node] <= allowed) {
      return -1;
    }
    if (high - low == 1) {
      return low;
    }
    int middle = (low + high) >>> 1;
    int left = allowed - added[node];
    int found = last(2 * node + 1, middle, high, from, to, left);
    return found >= 0 ? found : last(2 * node, low, middle, from, to, left);
  }

  /** Returns by how many pieces the fullest minute exceeds the capacity. */
  public int overfull() {
    return Math.max(0, most[1] - capacity);
  }

  public void take(int from, int to, int pieces) {
    if (from >= to || pieces == 0) {
      return;
    }
    while (to > size) {
      grow();
    }
    take(1, 0, size, from, to, pieces);
  }

  private void take(int node, int low, int high, int from, int to, int pieces) {
    if (to <= low || high <= from) {
      return;
    }
    if (from <= low && high <= to) {
      most[node] += pieces;
      added[node] += pieces;
      return;
    }
    int middle = (low + high) >>> 1;
    take(2 * node, low, middle, from, to, pieces);
    take(2 * node + 1, middle, high, from, to, pieces);
    most[node] = Math.max(most[2 * node], most[2 * node + 1]) + added[node];
  }

  /** Doubles the width: the tree becomes the left half of the new one, row by row. */
  private void grow() {
    int[] mostBefore = most;
    int[] addedBefore = added;
    most = new int[4 * size];
    added = new int[4 * size];
    for (int row = 1; row <= size; row *= 2) {
      System.arraycopy(mostBefore, row, most, 2 * row, row);
      System.arraycopy(addedBefore, row, added, 2 * row, row);
    }
    most[1] = Math.max(0, most[2]);
    size *= 2;
  }
}
