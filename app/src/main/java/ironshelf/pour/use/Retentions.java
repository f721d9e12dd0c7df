package ironshelf.pour.use;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toSet;

import ironshelf.piece.PieceView;
import ironshelf.pour.PourFillView;
import ironshelf.pour.PourTaken;
import ironshelf.product.ProductView;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What pieces weigh of what went into their copies: hardware taken off, only copies that one mix
 * filled alone, and only those whose pieces were all weighed.
 *
 * @param products all of them, by id
 * @param pieces all of the pours, by the copy's cast
 */
record Retentions(Map<Long, ProductView> products, Map<Long, List<PieceView>> pieces) {

  /**
   * Of one pour: from the copies whose filling was weighed; where none was, from all of them
   * together.
   *
   * @param others what else was poured, which may have gone into the same copies
   * @param filledKg what went into all its copies by the sum, where that is known
   */
  OptionalDouble of(PourTaken pour, List<PourTaken> others, OptionalDouble filledKg) {
    Set<Long> shared =
        others.stream()
            .filter(o -> o.sessionId() == pour.sessionId() && o.id() != pour.id())
            .flatMap(o -> o.fills().stream())
            .map(PourFillView::castId)
            .collect(toSet());
    Map<Long, List<PourFillView>> copies =
        pour.fills().stream().collect(groupingBy(PourFillView::castId));
    double wetKg = 0;
    double dryKg = 0;
    double allDryKg = 0;
    for (Map.Entry<Long, List<PourFillView>> copy : copies.entrySet()) {
      double dry = shared.contains(copy.getKey()) ? Double.NaN : dryKg(copy.getValue());
      double wet =
          copy.getValue().stream().mapToDouble(f -> f.kg() == null ? Double.NaN : f.kg()).sum();
      allDryKg += dry;
      if (!Double.isNaN(dry) && !Double.isNaN(wet)) {
        wetKg += wet;
        dryKg += dry;
      }
    }
    if (wetKg > 0) {
      return OptionalDouble.of(dryKg / wetKg);
    }
    return filledKg.isPresent() && filledKg.getAsDouble() > 0 && !Double.isNaN(allDryKg)
        ? OptionalDouble.of(allDryKg / filledKg.getAsDouble())
        : OptionalDouble.empty();
  }

  /** What a copy's pieces weigh without hardware; NaN where that is not known of all of them. */
  private double dryKg(List<PourFillView> fills) {
    ProductView product = products.get(fills.get(0).productId());
    List<PieceView> mine = pieces.getOrDefault(fills.get(0).castId(), List.of());
    if (product.layers().size() != 1 || mine.isEmpty()) {
      return Double.NaN;
    }
    double hardwareKg = product.target() == null ? 0 : product.target().hardwareKg();
    return mine.stream()
        .mapToDouble(p -> p.massKg() == null ? Double.NaN : p.massKg().doubleValue() - hardwareKg)
        .sum();
  }
}
