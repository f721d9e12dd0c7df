package ironshelf.core.plan.resource;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.PriorityQueue;

/** The copies of one mould: from when each is free, and what it is promised to after that. */
public final class CopyPool {

  /** A stretch for which a copy is promised. */
  private record Held(int from, int to) {}

  /** One copy, free from a minute on until it is promised again. */
  public static final class Copy {
    public final int number;
    public int freeAt;
    private final List<Held> promised = new ArrayList<>();

    Copy(int number) {
      this.number = number;
    }

    /** The end of the promise that a stretch would run into; -1 where it runs into none. */
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

  /** The copy that is free first; it is not to be had again until it is given back. */
  public Copy takeFirst() {
    return Objects.requireNonNull(byFree.poll());
  }

  public void giveBack(Copy copy, int freeAt) {
    copy.freeAt = freeAt;
    byFree.add(copy);
  }

  /** When the copies are free, the first one first. */
  public int[] freeTimes() {
    return byFree.stream().mapToInt(c -> c.freeAt).sorted().toArray();
  }

  /** A copy that is held from the start. */
  public void hold(Copy copy, int freeAt) {
    byFree.remove(copy);
    giveBack(copy, freeAt);
  }
}
