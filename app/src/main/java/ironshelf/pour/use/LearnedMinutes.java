package ironshelf.pour.use;

import ironshelf.core.recipe.Learned;
import ironshelf.mould.DrawnMould;
import ironshelf.mould.MouldService;
import ironshelf.pour.PourTaken;
import ironshelf.pour.record.PourFillView;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Minutes to fill a piece, from pours of one product that were timed. */
@Component
class LearnedMinutes {

  private final Bowls bowls;
  private final ProductService products;
  private final MouldService moulds;

  private final CachedRead<Map<Long, Double>> perPiece;

  LearnedMinutes(Bowls bowls, ProductService products, MouldService moulds, TableVersions changes) {
    this.bowls = bowls;
    this.products = products;
    this.moulds = moulds;
    this.perPiece = changes.keepBut(this::ofAll, UseService.FREE);
  }

  /** Of every product that was timed, what it is now taken to need. */
  Map<Long, Double> perPiece() {
    return perPiece.get();
  }

  private Map<Long, Double> ofAll() {
    Map<Long, ProductView> all = products.all();
    Map<Long, Double> minutes = new LinkedHashMap<>();
    of(bowls.together().stream().map(Bowl::taken).toList(), all)
        .forEach(
            (product, learned) -> {
              if (learned.count() > 0) {
                minutes.put(product, learned.value());
              }
            });
    return Map.copyOf(minutes);
  }

  /** What these pours say, by product. */
  Map<Long, Learned> of(List<PourTaken> timed, Map<Long, ProductView> productsById) {
    Map<Long, List<Double>> byProduct = new LinkedHashMap<>();
    Map<Long, DrawnMould> drawn = moulds.drawn();
    for (PourTaken pour : timed) {
      List<Long> own = pour.fills().stream().map(PourFillView::productId).distinct().toList();
      if (pour.fillingMin() != null && pour.fillingMin() > 0 && own.size() == 1) {
        int cavities = drawn.get(productsById.get(own.get(0)).mouldId()).cavities();
        byProduct
            .computeIfAbsent(own.get(0), id -> new ArrayList<>())
            .add(pour.fillingMin() / (pour.copies() * cavities));
      }
    }
    Map<Long, Learned> learned = new LinkedHashMap<>();
    byProduct.forEach(
        (id, minutes) ->
            learned.put(id, Learned.of(productsById.get(id).minutesPerPiece(), minutes)));
    return learned;
  }
}
