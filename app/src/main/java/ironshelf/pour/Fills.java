package ironshelf.pour;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import org.springframework.stereotype.Component;

/**
 * Reads what was put into casts, and the pours that did. What belongs to many is read as one run of
 * numbers and sorted out here: a list of a thousand numbers is slower to ask with than to read
 * past.
 */
@Component
class Fills {

  /** Up to so many are asked for by their numbers. */
  private static final int FEW = 50;

  private final PourFillRepository fills;
  private final PourRepository pours;

  Fills(PourFillRepository fills, PourRepository pours) {
    this.fills = fills;
    this.pours = pours;
  }

  /** What is in casts, layer by layer, by the cast. */
  Map<Long, List<PourFillView>> ofCasts(Collection<Long> castIds) {
    return read(
            castIds,
            fills::findByCastIdInOrderByLayerNo,
            fills::findByCastIdBetweenOrderByLayerNo,
            f -> f.view().castId())
        .stream()
        .map(PourFill::view)
        .collect(groupingBy(PourFillView::castId, TreeMap::new, toList()));
  }

  /** Pours by id. */
  Map<Long, Pour> pours(Collection<Long> ids) {
    return read(ids, pours::findAllById, pours::findByIdBetween, Pour::id).stream()
        .collect(toMap(Pour::id, Function.identity(), (a, b) -> a, LinkedHashMap::new));
  }

  private static <T> List<T> read(
      Collection<Long> ids,
      Function<Collection<Long>, List<T>> byIds,
      BiFunction<Long, Long, List<T>> between,
      ToLongFunction<T> idOf) {
    if (ids.isEmpty()) {
      return List.of();
    }
    Set<Long> wanted = new HashSet<>(ids);
    if (wanted.size() <= FEW) {
      return byIds.apply(wanted);
    }
    List<T> found =
        new ArrayList<>(between.apply(Collections.min(wanted), Collections.max(wanted)));
    found.removeIf(t -> !wanted.contains(idOf.applyAsLong(t)));
    return found;
  }
}
