package ironshelf.pour.use;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toSet;

import ironshelf.pour.PourTaken;
import ironshelf.pour.record.PourFillView;
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
 * @param bySession all that was poured of the recipe: what else of a session may have gone into the
 *     same copies
 */
record Retentions(Map<Long, ProductView> products, Map<Long, List<Bowl>> bySession) {

  static Retentions of(Map<Long, ProductView> products, List<Bowl> bowls) {
    return new Retentions(products, bowls.stream().collect(groupingBy(b -> b.taken().sessionId())));
  }

  /**
   * Of one pour: from the copies whose filling was weighed; where none was, from all of them
   * together.
   *
   * @param filledKg what went into all its copies by the sum, where that is known
   */
  OptionalDouble of(Bowl bowl, OptionalDouble filledKg) {
    PourTaken pour = bowl.taken();
    Set<Long> shared =
        bySession.get(pour.sessionId()).stream()
            .map(Bowl::taken)
            .filter(o -> o.id() != pour.id())
            .flatMap(o -> o.fills().stream())
            .map(PourFillView::castId)
            .collect(toSet());
    Map<Long, List<PourFillView>> copies =
        pour.fills().stream().collect(groupingBy(PourFillView::castId));
    double wetKg = 0;
    double dryKg = 0;
    double allDryKg = 0;
    for (Map.Entry<Long, List<PourFillView>> copy : copies.entrySet()) {
      double dry = shared.contains(copy.getKey()) ? Double.NaN : dryKg(bowl, copy.getValue());
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
  private double dryKg(Bowl bowl, List<PourFillView> fills) {
    ProductView product = products.get(fills.get(0).productId());
    Bowl.Made made = bowl.made().get(fills.get(0).castId());
    if (product.layers().size() != 1 || made == null || made.massKg() == null) {
      return Double.NaN;
    }
    double hardwareKg = product.target() == null ? 0 : product.target().hardwareKg();
    return made.massKg() - made.pieces() * hardwareKg;
  }
}
