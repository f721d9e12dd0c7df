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
    List<T> found =
        new ArrayList<>(between.apply(Collections.min(wanted), Collections.max(wanted)));
    found.removeIf(t -> !wanted.contains(numberOf.applyAsLong(t)));
    return found;
  }
}
