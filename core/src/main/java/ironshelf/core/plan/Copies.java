package ironshelf.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.PriorityQueue;

/** The copies of one mould: from when each is free, and what it is promised to after that. */
final class Copies {

  /** A stretch for which a copy is promised. */
  private record Held(int from, int to) {}

  /** One copy, free from a minute on until it is promised again. */
  static final class Copy {
    final int number;
    int freeAt;
    private final List<Held> promised = new ArrayList<>();

    Copy(int number) {
      this.number = number;
    }

    /** The end of the promise that a stretch would run into; -1 where it runs into none. */
    int runsInto(int from, int to) {
      for (Held held : promised) {
        if (from < held.to && held.from < to) {
          return held.to;
        }
      }
      return -1;
    }

    void promise(int from, int to) {
      promised.add(new Held(from, to));
    }
  }

  private final List<Copy> all = new ArrayList<>();
  private final PriorityQueue<Copy> byFree =
      new PriorityQueue<>(
          Comparator.<Copy>comparingInt(c -> c.freeAt).thenComparingInt(c -> c.number));

  Copies(int count) {
    for (int number = 1; number <= count; number++) {
      all.add(new Copy(number));
    }
    byFree.addAll(all);
  }

  Copy copy(int number) {
    return all.get(number - 1);
  }

  /** The copy that is free first; it is not to be had again until it is given back. */
  Copy takeFirst() {
    return Objects.requireNonNull(byFree.poll());
  }

  void giveBack(Copy copy, int freeAt) {
    copy.freeAt = freeAt;
    byFree.add(copy);
  }

  /** A copy that is held from the start. */
  void hold(Copy copy, int freeAt) {
    byFree.remove(copy);
    giveBack(copy, freeAt);
  }
}
