package ironshelf.core.plan.resource;

import java.util.Arrays;

/**
 * How many pieces stand in a station over time, in minutes from the plan's start: a segment tree of
 * the highest level with additions kept at the nodes that they cover, so that looking at or taking
 * a stretch costs the logarithm of the horizon (Bentley 1977). A node is made when something ends
 * within it: a station where little stands costs little, however far the plan looks ahead. It grows
 * by doubling.
 */
public final class Profile {

  /** Nothing stands in it, wherever it is; it has no children and is never changed. */
  private static final int NONE = 0;

  private static final int FEW = 32;

  private final int capacity;
  private int size;
  private int root = 1;
  private int nodes = 2;
  private int[] left = new int[FEW];
  private int[] right = new int[FEW];

  /** Its highest level, of which what stands in all its parents is no part. */
  private int[] most = new int[FEW];

  /** What stands in it from its beginning to its end. */
  private int[] added = new int[FEW];

  /**
   * Creates the profile of an empty station.
   *
   * @param minutes the horizon to expect; it grows by itself
   */
  public Profile(int capacity, int minutes) {
    this.capacity = capacity;
    size = 2 * Integer.highestOneBit(Math.max(1, minutes));
  }

  /** Returns the last minute of a period at which so many more have no room; -1 where they have. */
  public int lastConflict(int from, int to, int more) {
    if (from >= to || most[root] + more <= capacity) {
      return -1;
    }
    return last(root, 0, size, from, Math.min(to, size), capacity - more);
  }

  /** Returns the last minute at which the level exceeds a limit; -1 where it never does. */
  private int last(int node, int low, int high, int from, int to, int allowed) {
    if (to <= low || high <= from || most[node] <= allowed) {
      return -1;
    }
    if (left[node] == NONE && right[node] == NONE) {
      return Math.min(to, high) - 1;
    }
    int middle = (low + high) >>> 1;
    int rest = allowed - added[node];
    int found = last(right[node], middle, high, from, to, rest);
    return found >= 0 ? found : last(left[node], low, middle, from, to, rest);
  }

  /** Returns by how many pieces the fullest minute exceeds the capacity. */
  public int overfull() {
    return Math.max(0, most[root] - capacity);
  }

  public void take(int from, int to, int pieces) {
    if (from >= to || pieces == 0) {
      return;
    }
    while (to > size) {
      grow();
    }
    take(root, 0, size, from, to, pieces);
  }

  private void take(int node, int low, int high, int from, int to, int pieces) {
    if (from <= low && high <= to) {
      most[node] += pieces;
      added[node] += pieces;
      return;
    }
    int middle = (low + high) >>> 1;
    if (from < middle) {
      if (left[node] == NONE) {
        // Made first, for the arrays may be others then.
        int child = node();
        left[node] = child;
      }
      take(left[node], low, middle, from, to, pieces);
    }
    if (to > middle) {
      if (right[node] == NONE) {
        int child = node();
        right[node] = child;
      }
      take(right[node], middle, high, from, to, pieces);
    }
    most[node] = Math.max(most[left[node]], most[right[node]]) + added[node];
  }

  /** Doubles the width: the tree becomes the left half of the new one. */
  private void grow() {
    int wider = node();
    left[wider] = root;
    most[wider] = Math.max(0, most[root]);
    root = wider;
    size *= 2;
  }

  private int node() {
    if (nodes == most.length) {
      left = Arrays.copyOf(left, 2 * nodes);
      right = Arrays.copyOf(right, 2 * nodes);
      most = Arrays.copyOf(most, 2 * nodes);
      added = Arrays.copyOf(added, 2 * nodes);
    }
    return nodes++;
  }
}
