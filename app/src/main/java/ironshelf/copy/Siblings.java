package ironshelf.copy;

import ironshelf.core.mould.wear.DefectTest;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The copies of one mould together: what one of them is judged against. */
record Siblings(int casts, int bad, int copies) {

  static Siblings of(List<Copy> copies, Map<Long, Long> finished, Map<Long, Long> bad) {
    return new Siblings(
        sum(copies, finished),
        sum(copies, bad),
        (int) copies.stream().filter(c -> finished.containsKey(c.id())).count());
  }

  private static int sum(List<Copy> copies, Map<Long, Long> counts) {
    return (int) copies.stream().mapToLong(c -> counts.getOrDefault(c.id(), 0L)).sum();
  }

  /** Null where the copy has no cast finished here. */
  @Nullable DefectTest test(long copyId, Map<Long, Long> finished, Map<Long, Long> badCasts) {
    int own = finished.getOrDefault(copyId, 0L).intValue();
    int ownBad = badCasts.getOrDefault(copyId, 0L).intValue();
    return own == 0
        ? null
        : DefectTest.of(ownBad, own, bad - ownBad, casts - own, Math.max(1, copies));
  }
}
