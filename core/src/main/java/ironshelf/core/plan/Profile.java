package ironshelf.core.plan;

import java.util.Map;
import java.util.TreeMap;

/**
 * How much of something is taken over time, in minutes from the plan's start: hands, or room in a
 * station. Levels hold from their minute until the next.
 */
final class Profile {

  private final TreeMap<Long, Integer> levels = new TreeMap<>();
  private final int capacity;

  Profile(int capacity) {
    this.capacity = capacity;
    levels.put(Long.MIN_VALUE, 0);
  }

  /** The last minute in a stretch at which so much more does not fit; none where it fits. */
  long lastConflict(long from, long to, int more) {
    if (from >= to || more <= 0) {
      return Long.MIN_VALUE;
    }
    Map.Entry<Long, Integer> entry = levels.lowerEntry(to);
    while (entry != null) {
      Long next = levels.higherKey(entry.getKey());
      long until = next == null ? Long.MAX_VALUE : next;
      if (entry.getValue() + more > capacity && until > from) {
        return Math.min(until, to) - 1;
      }
      if (entry.getKey() <= from) {
        return Long.MIN_VALUE;
      }
      entry = levels.lowerEntry(entry.getKey());
    }
    return Long.MIN_VALUE;
  }

  void take(long from, long to, int amount) {
    if (from >= to || amount == 0) {
      return;
    }
    split(from);
    split(to);
    levels.subMap(from, true, to, false).replaceAll((at, level) -> level + amount);
  }

  private void split(long at) {
    levels.putIfAbsent(at, levels.lowerEntry(at).getValue());
  }
}
