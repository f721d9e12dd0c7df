package ironshelf.store;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToLongFunction;

/**
 * Reads rows by their ids: a few by a list of ids, many as one range from the smallest to the
 * largest id, dropping in memory what was not asked for. The database searches an {@code in} list
 * linearly for each row, so that a list of thousands would take quadratic time.
 */
public final class RangeReads {

  /** Up to so many ids are read by a list. */
  private static final int FEW = 50;

  /** A range with fewer than one wanted id in so many is read by lists instead. */
  private static final int SPARSE = 10;

  /** The longest list of ids in one query. */
  private static final int LONGEST_LIST = 200;

  private RangeReads() {}

  /**
   * Returns the rows that exist, each once, in no promised order.
   *
   * @param ids in any order; repeated ones count once
   * @param byList reads rows by a list of ids
   * @param byRange reads all rows from one id to another, both included
   * @param idOf gives the id of a row
   */
  public static <T> List<T> read(
      Collection<Long> ids,
      Function<Collection<Long>, List<T>> byList,
      BiFunction<Long, Long, List<T>> byRange,
      ToLongFunction<T> idOf) {
    if (ids.isEmpty()) {
      return List.of();
    }
    Set<Long> wanted = new HashSet<>(ids);
    if (wanted.size() <= FEW) {
      return byList.apply(wanted);
    }
    long span = Collections.max(wanted) - Collections.min(wanted);
    if (span > (long) wanted.size() * SPARSE) {
      return inLists(wanted, byList);
    }
    List<T> found =
        new ArrayList<>(byRange.apply(Collections.min(wanted), Collections.max(wanted)));
    found.removeIf(t -> !wanted.contains(idOf.applyAsLong(t)));
    return found;
  }

  private static <T> List<T> inLists(Set<Long> wanted, Function<Collection<Long>, List<T>> byList) {
    List<Long> sorted = wanted.stream().sorted().toList();
    List<T> found = new ArrayList<>();
    for (int i = 0; i < sorted.size(); i += LONGEST_LIST) {
      found.addAll(byList.apply(sorted.subList(i, Math.min(i + LONGEST_LIST, sorted.size()))));
    }
    return found;
  }
}
