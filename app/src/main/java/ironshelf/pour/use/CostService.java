package ironshelf.pour.use;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;

import ironshelf.core.piece.PieceCost;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.piece.PieceView;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.workshop.WorkshopService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What pieces cost (handbook 2-6). */
@Service
@Transactional(readOnly = true)
class CostService {

  private final ProductService products;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final WorkshopService workshop;

  CostService(
      ProductService products,
      MouldService moulds,
      RecipeService recipes,
      WorkshopService workshop) {
    this.products = products;
    this.moulds = moulds;
    this.recipes = recipes;
    this.workshop = workshop;
  }

  /** The mean cost of a product's good pieces, product by product. */
  List<UseView.ProductCost> byProduct(List<UseLedger.Entry> entries, Prices prices) {
    Map<Long, List<UseLedger.Entry>> byProduct =
        entries.stream()
            .collect(groupingBy(e -> e.piece().productId(), LinkedHashMap::new, toList()));
    return byProduct.entrySet().stream()
        .map(e -> cost(products.product(e.getKey()), e.getValue(), prices))
        .toList();
  }

  private UseView.ProductCost cost(ProductView product, List<UseLedger.Entry> own, Prices prices) {
    List<PieceView> pieces = own.stream().map(UseLedger.Entry::piece).distinct().toList();
    PieceCost cost = of(product, own, pieces.size(), scrapShare(pieces), prices);
    return new UseView.ProductCost(
        product.name(),
        pieces.size(),
        scrapShare(pieces),
        cost.materials(),
        cost.mouldWear(),
        cost.goods(),
        cost.labour(),
        cost.scrap(),
        cost.total(),
        product.price());
  }

  /** The share of pieces that came to nothing. */
  static double scrapShare(List<PieceView> pieces) {
    return (double) pieces.stream().filter(PieceView::isScrap).count() / pieces.size();
  }

  /** What one of so many pieces cost that these entries went into. */
  PieceCost of(
      ProductView product,
      List<UseLedger.Entry> entries,
      int pieces,
      double scrapShare,
      Prices prices) {
    BigDecimal materials = BigDecimal.ZERO;
    for (UseLedger.Entry entry : entries) {
      BigDecimal cost = prices.of(entry.materialId(), entry.actualKg());
      materials = cost == null ? materials : materials.add(cost);
    }
    MouldView mould = moulds.mould(product.mouldId());
    BigDecimal wear =
        mould.wearPerCast() == null
            ? BigDecimal.ZERO
            : mould
                .wearPerCast()
                .divide(
                    BigDecimal.valueOf(mould.shape().cavities()),
                    Prices.SCALE,
                    RoundingMode.HALF_UP);
    return PieceCost.of(
        materials.divide(BigDecimal.valueOf(pieces), Prices.SCALE, RoundingMode.HALF_UP),
        wear,
        product.goods(),
        product.minutesPerPiece() + mixMinutesEach(product, entries),
        workshop.view().ratePerHour(),
        Math.min(0.9, scrapShare));
  }

  /** Mixing is done once for a pour, whatever it fills. */
  private double mixMinutesEach(ProductView product, List<UseLedger.Entry> entries) {
    double mixMin = recipes.latest(product.recipeId()).mixMin();
    Map<Long, List<UseLedger.Entry>> byPour =
        entries.stream().collect(groupingBy(UseLedger.Entry::pourId));
    double minutes = byPour.size() * mixMin;
    long pieces = entries.stream().map(e -> e.piece().id()).distinct().count();
    return minutes / pieces;
  }
}
