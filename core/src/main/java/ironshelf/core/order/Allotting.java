package ironshelf.core.order;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;

import ironshelf.core.pour.Pairing;
import ironshelf.core.pour.Pairing.WeighedPiece;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Chooses pieces for a line (docs/method/orders.md): the oldest first, of as few shade batches as
 * can be; what is sold by weight in pairs that match.
 */
public final class Allotting {

  private static final Comparator<Candidate> OLDEST_FIRST =
      Comparator.comparing(Candidate::readyAt).thenComparing(Candidate::piece);

  private Allotting() {}

  /**
   * Of the fewest batches; of those that would do alike, the one with the oldest piece.
   *
   * @param wanted 0 or more; fewer are given where there are fewer
   * @param begun batches that the line has pieces of; they come first
   */
  public static List<Long> byShade(List<Candidate> free, int wanted, Set<Long> begun) {
    Map<Long, List<Candidate>> batches =
        free.stream()
            .sorted(OLDEST_FIRST)
            .collect(groupingBy(Candidate::batch, LinkedHashMap::new, toList()));
    List<List<Candidate>> order = new ArrayList<>();
    batches.forEach((batch, pieces) -> addIf(begun.contains(batch), order, pieces));
    int left = wanted - order.stream().mapToInt(List::size).sum();
    List<List<Candidate>> others = new ArrayList<>();
    batches.forEach((batch, pieces) -> addIf(!begun.contains(batch), others, pieces));
    while (left > 0 && !others.isEmpty()) {
      List<Candidate> next = best(others, left);
      others.remove(next);
      order.add(next);
      left -= next.size();
    }
    return order.stream().flatMap(List::stream).limit(wanted).map(Candidate::piece).toList();
  }

  private static void addIf(boolean so, List<List<Candidate>> batches, List<Candidate> pieces) {
    if (so) {
      batches.add(pieces);
    }
  }

  /**
   * Returns the oldest that is enough alone; where none is, the largest: that leaves the fewest
   * batches.
   */
  private static List<Candidate> best(List<List<Candidate>> batches, int wanted) {
    return batches.stream()
        .filter(b -> b.size() >= wanted)
        .min(Comparator.comparing(Allotting::oldest))
        .orElseGet(
            () ->
                batches.stream()
                    .max(
                        Comparator.<List<Candidate>>comparingInt(List::size)
                            .thenComparing(Allotting::oldest, Comparator.reverseOrder()))
                    .orElseThrow());
  }

  private static Instant oldest(List<Candidate> batch) {
    return batch.get(0).readyAt();
  }

  /**
   * Pairs that differ least, the closest first; where they do not make up what is wanted, the
   * oldest of the rest. What was not weighed is not paired.
   *
   * @param toleranceKg that two of a pair may differ
   */
  public static List<Long> byMass(List<Candidate> free, int wanted, double toleranceKg) {
    List<WeighedPiece> pool = new ArrayList<>();
    for (Candidate piece : free) {
      if (piece.massKg() != null) {
        pool.add(new WeighedPiece(String.valueOf(piece.piece()), piece.massKg()));
      }
    }
    List<Long> taken = new ArrayList<>();
    Pairing.of(pool, toleranceKg).pairs().stream()
        .sorted(Comparator.comparingDouble(Pairing.Pair::differenceKg))
        .limit(wanted / 2)
        .forEach(
            pair -> {
              taken.add(Long.valueOf(pair.first()));
              taken.add(Long.valueOf(pair.second()));
            });
    free.stream()
        .sorted(OLDEST_FIRST)
        .map(Candidate::piece)
        .filter(piece -> !taken.contains(piece))
        .limit(wanted - taken.size())
        .forEach(taken::add);
    return List.copyOf(taken);
  }
}
