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
 * Reads rows by many numbers as one run of numbers, and sorts out here what was not wanted: the
 * database looks through a list of numbers once for each row, so that a list of thousands takes the
 * square of it.
 */
public final class Runs {

  /** Up to so many are asked for by their numbers. */
  private static final int FEW = 50;

  /** One wanted among so many is better asked for by its number. */
  private static final int SPARSE = 10;

  private static final int MANY = 200;

  private Runs() {}

  /**
   * @param few asks for rows by their numbers
   * @param between asks for all rows from a number to another
   * @param numberOf by which a row is asked for
   */
  public static <T> List<T> read(
      Collection<Long> numbers,
      Function<Collection<Long>, List<T>> few,
      BiFunction<Long, Long, List<T>> between,
      ToLongFunction<T> numberOf) {
    if (numbers.isEmpty()) {
      return List.of();
    }
    Set<Long> wanted = new HashSet<>(numbers);
    if (wanted.size() <= FEW) {
      return few.apply(wanted);
    }
    long span = Collections.max(wanted) - Collections.min(wanted);
    if (span > (long) wanted.size() * SPARSE) {
      return fewAtATime(wanted, few);
    }
    List<T> found =
        new ArrayList<>(between.apply(Collections.min(wanted), Collections.max(wanted)));
    found.removeIf(t -> !wanted.contains(numberOf.applyAsLong(t)));
    return found;
  }

  private static <T> List<T> fewAtATime(Set<Long> wanted, Function<Collection<Long>, List<T>> few) {
    List<Long> sorted = wanted.stream().sorted().toList();
    List<T> found = new ArrayList<>();
    for (int i = 0; i < sorted.size(); i += MANY) {
      found.addAll(few.apply(sorted.subList(i, Math.min(i + MANY, sorted.size()))));
    }
    return found;
  }
}
