package ironshelf.core.plan.resource;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.PriorityQueue;

/** The copies of one mould: when each comes free, and the pins that it is reserved for later. */
public final class CopyPool {

  /** A period for which a copy is reserved. */
  private record Held(int from, int to) {}

  /** One copy, free from a minute on until it is reserved. */
  public static final class Copy {
    public final int number;
    public int freeAt;
    private final List<Held> promised = new ArrayList<>();

    Copy(int number) {
      this.number = number;
    }

    /** Returns the end of the reservation that a period overlaps; -1 where it overlaps none. */
    public int runsInto(int from, int to) {
      for (Held held : promised) {
        if (from < held.to && held.from < to) {
          return held.to;
        }
      }
      return -1;
    }

    public void promise(int from, int to) {
      promised.add(new Held(from, to));
    }
  }

  private final List<Copy> all = new ArrayList<>();
  private final PriorityQueue<Copy> byFree =
      new PriorityQueue<>(
          Comparator.<Copy>comparingInt(c -> c.freeAt).thenComparingInt(c -> c.number));

  public CopyPool(int count) {
    for (int number = 1; number <= count; number++) {
      all.add(new Copy(number));
    }
    byFree.addAll(all);
  }

  public Copy copy(int number) {
    return all.get(number - 1);
  }

  /** Removes and returns the copy that is free first. */
  public Copy takeFirst() {
    return Objects.requireNonNull(byFree.poll());
  }

  public void giveBack(Copy copy, int freeAt) {
    copy.freeAt = freeAt;
    byFree.add(copy);
  }

  /** Returns the minutes at which the copies come free, in ascending order. */
  public int[] freeTimes() {
    return byFree.stream().mapToInt(c -> c.freeAt).sorted().toArray();
  }

  /** Marks a copy as held from the start of the plan. */
  public void hold(Copy copy, int freeAt) {
    byFree.remove(copy);
    giveBack(copy, freeAt);
  }
}
