package ironshelf.pour.use;

import static java.util.Objects.requireNonNullElse;

import ironshelf.core.piece.PieceCost;
import ironshelf.material.consumption.StepStock;
import ironshelf.mould.MouldService;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.pour.PourTaken;
import ironshelf.pour.record.PourFillView;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.route.RouteLine;
import ironshelf.route.RouteService;
import ironshelf.route.RouteView;
import ironshelf.workshop.WorkshopService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What pieces cost: materials at their lots' own prices; mould wear, other goods and the rate of an
 * hour as on the day of the pour; the minutes of filling, of the route that each really took, and
 * of mixing by litres (docs/method/cost.md).
 */
@Service
@Transactional(readOnly = true)
class CostService {

  private static final double MOST_SCRAP = 0.9;

  private final ProductService products;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final RouteService routes;
  private final PieceService pieces;
  private final StepStock steps;
  private final LearnedMinutes learned;
  private final WorkshopService workshop;

  CostService(
      ProductService products,
      MouldService moulds,
      RecipeService recipes,
      RouteService routes,
      PieceService pieces,
      StepStock steps,
      LearnedMinutes learned,
      WorkshopService workshop) {
    this.products = products;
    this.moulds = moulds;
    this.recipes = recipes;
    this.routes = routes;
    this.pieces = pieces;
    this.steps = steps;
    this.learned = learned;
    this.workshop = workshop;
  }

  /** The mean cost of a product's good pieces, product by product. */
  List<UseView.ProductCost> byProduct(List<Bowl> bowls) {
    Known known = new Known();
    Map<Long, Sum> sums = new LinkedHashMap<>();
    for (Bowl bowl : bowls) {
      bowl.rows().forEach(row -> sum(sums, row.productId()).add(row));
      bowl.filled().forEach(f -> sum(sums, f.fill().productId()).add(bowl.taken(), f, known));
    }
    sums.values().forEach(sum -> sum.addSteps(stepsOf(sum.pieces)));
    return sums.entrySet().stream()
        .map(e -> cost(known.products.get(e.getKey()), e.getValue(), known))
        .toList();
  }

  private List<StepStock.Taken> stepsOf(Collection<Long> pieceIds) {
    return steps.of(pieceIds).values().stream().flatMap(List::stream).toList();
  }

  private static Sum sum(Map<Long, Sum> sums, long productId) {
    return sums.computeIfAbsent(productId, id -> new Sum());
  }

  private static UseView.ProductCost cost(ProductView product, Sum sum, Known known) {
    PieceCost cost = sum.each(known.scrapShare(product.id()));
    return new UseView.ProductCost(
        product.name(),
        sum.pieces.size(),
        known.scrapShare(product.id()),
        cost.materials(),
        cost.mouldWear(),
        cost.goods(),
        cost.labour(),
        cost.scrap(),
        cost.total(),
        product.price());
  }

  /** What one piece cost of which alone these bowls tell. */
  PieceCost ofOne(PieceView piece, List<Bowl> mine) {
    Known known = new Known();
    Sum sum = new Sum();
    sum.addSteps(stepsOf(List.of(piece.id())));
    for (Bowl bowl : mine) {
      bowl.rows().forEach(sum::add);
      bowl.filled().forEach(f -> sum.add(bowl.taken(), f, known));
    }
    return sum.each(known.scrapShare(piece.productId()));
  }

  /** What all costs are worked out from, read once. */
  private final class Known {
    private final Map<Long, ProductView> products = CostService.this.products.all();
    private final Map<Long, RecipeView> recipes = CostService.this.recipes.allRecipes();
    private final Map<Long, PieceService.Fate> fates = pieces.fates();
    private final Map<Long, Double> filling = learned.perPiece();
    private final BigDecimal rate = workshop.view().ratePerHour();
    private final Map<Long, RouteView> routes = CostService.this.routes.all();
    private final Map<List<Long>, Double> routeMinutes = new HashMap<>();
    private final Map<Long, BigDecimal> wear = new HashMap<>();

    double scrapShare(long productId) {
      PieceService.Fate fate = fates.get(productId);
      return fate == null ? 0 : Math.min(MOST_SCRAP, fate.scrapShare());
    }

    double fillingMin(long productId) {
      return filling.getOrDefault(productId, products.get(productId).minutesPerPiece());
    }

    double mixMin(long recipeId) {
      return recipes.get(recipeId).mixMin();
    }

    double routeMin(long routeId, long recipeId) {
      RecipeView recipe = recipes.get(recipeId);
      return routeMinutes.computeIfAbsent(
          List.of(routeId, recipeId),
          ids ->
              RouteLine.of(
                      routes
                          .get(routeId)
                          .route()
                          .withAges(recipe.demouldAgeH(), recipe.sealAfterH()))
                  .stream()
                  .mapToDouble(RouteLine::attendedMin)
                  .sum());
    }

    BigDecimal wearNow(long productId) {
      return wear.computeIfAbsent(
          productId,
          id ->
              requireNonNullElse(
                  moulds.mould(products.get(id).mouldId()).wearPerPiece(), BigDecimal.ZERO));
    }
  }

  /** What some pieces cost together. */
  private static final class Sum {
    private final Set<Long> pieces = new HashSet<>();
    private BigDecimal materials = BigDecimal.ZERO;
    private BigDecimal wear = BigDecimal.ZERO;
    private BigDecimal goods = BigDecimal.ZERO;
    private BigDecimal labour = BigDecimal.ZERO;

    void addSteps(List<StepStock.Taken> taken) {
      for (StepStock.Taken one : taken) {
        materials = one.cost() == null ? materials : materials.add(one.cost());
      }
    }

    void add(Bowl.Row row) {
      materials = row.cost() == null ? materials : materials.add(row.cost());
    }

    void add(PourTaken bowl, Bowl.Filled filled, Known known) {
      PourFillView fill = filled.fill();
      double minutes = known.mixMin(bowl.recipeId()) * filled.share();
      // Filling, route, wear and goods are a piece's own, of however many bowls it was filled.
      long own = filled.pieceIds().stream().filter(pieces::add).count();
      if (own > 0) {
        minutes +=
            own
                * (known.fillingMin(fill.productId())
                    + known.routeMin(filled.routeId(), bowl.recipeId()));
        BigDecimal times = BigDecimal.valueOf(own);
        BigDecimal wearEach = fill.wearEach();
        BigDecimal goodsEach = fill.goodsEach();
        wear =
            wear.add(times.multiply(wearEach == null ? known.wearNow(fill.productId()) : wearEach));
        goods =
            goods.add(
                times.multiply(
                    goodsEach == null ? known.products.get(fill.productId()).goods() : goodsEach));
      }
      labour =
          labour.add(PieceCost.labour(minutes, requireNonNullElse(bowl.ratePerHour(), known.rate)));
    }

    PieceCost each(double scrapShare) {
      BigDecimal n = BigDecimal.valueOf(Math.max(1, pieces.size()));
      return PieceCost.of(
          materials.divide(n, UseLedger.SCALE, RoundingMode.HALF_UP),
          wear.divide(n, UseLedger.SCALE, RoundingMode.HALF_UP),
          goods.divide(n, UseLedger.SCALE, RoundingMode.HALF_UP),
          labour.divide(n, UseLedger.SCALE, RoundingMode.HALF_UP),
          scrapShare);
    }
  }
}
