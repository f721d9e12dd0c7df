package ironshelf.read;

import static java.util.Objects.requireNonNullElse;

import ironshelf.copy.CopyCondition;
import ironshelf.core.material.Role;
import ironshelf.core.mould.Grain;
import ironshelf.core.mould.MouldResult;
import ironshelf.core.mould.MouldSum;
import ironshelf.core.piece.PieceCost;
import ironshelf.core.piece.WeightControl;
import ironshelf.core.quantity.Finding;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Recipe;
import ironshelf.http.problem.Catalogue;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.material.Stock;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.order.OrderService;
import ironshelf.order.line.ToPour;
import ironshelf.piece.PieceService;
import ironshelf.plan.needs.UseOfCasts;
import ironshelf.pour.use.UseService;
import ironshelf.pour.use.UseView;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.product.Target;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.route.RouteLine;
import ironshelf.route.RouteService;
import ironshelf.route.RouteView;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The list of products, and the page of one. */
@Service
@Transactional(readOnly = true)
class ProductReader {

  private static final int SCALE = 4;
  private static final double DAY_H = 24;

  private final ProductService products;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final RouteService routes;
  private final MaterialService materials;
  private final Stock stock;
  private final OrderService orders;
  private final PieceService pieces;
  private final UseService use;
  private final UseOfCasts takes;
  private final WorkshopService workshop;
  private final Catalogue catalogue;

  ProductReader(
      ProductService products,
      MouldService moulds,
      RecipeService recipes,
      RouteService routes,
      MaterialService materials,
      Stock stock,
      OrderService orders,
      PieceService pieces,
      UseService use,
      UseOfCasts takes,
      WorkshopService workshop,
      Catalogue catalogue) {
    this.products = products;
    this.moulds = moulds;
    this.recipes = recipes;
    this.routes = routes;
    this.materials = materials;
    this.stock = stock;
    this.orders = orders;
    this.pieces = pieces;
    this.use = use;
    this.takes = takes;
    this.workshop = workshop;
    this.catalogue = catalogue;
  }

  /** All products by name. */
  List<ProductCard> cards() {
    Known known = new Known();
    return products.all().values().stream()
        .sorted(Comparator.comparing(ProductView::name, String.CASE_INSENSITIVE_ORDER))
        .map(p -> card(p, known))
        .toList();
  }

  /** What all cards are made from, read once. */
  private final class Known {
    private final Map<String, UseView.ProductCost> costs = new HashMap<>();
    private final Map<String, PieceService.Standing> standing = new HashMap<>();
    private final Map<Long, Integer> toPour = new HashMap<>();
    private final Map<Long, RecipeView> latest = recipes.allLatest();
    private final Map<Long, MouldView> moulds = ProductReader.this.moulds.all();

    Known() {
      use.costs().forEach(c -> costs.put(c.product(), c));
      pieces.standing().forEach(s -> standing.put(s.productId() + "/" + s.colourwayId(), s));
      for (ToPour line : orders.toPour()) {
        toPour.merge(line.line().productId(), line.line().toPour(), Integer::sum);
      }
    }
  }

  private ProductCard card(ProductView product, Known known) {
    MouldView mould = known.moulds.get(product.mouldId());
    UseView.ProductCost made = known.costs.get(product.name());
    Optional<PieceCost> estimate =
        made == null ? estimate(product, mould).cost() : Optional.empty();
    return new ProductCard(
        product.id(),
        product.name(),
        mould.family(),
        product.price(),
        made == null ? estimate.map(PieceCost::total).orElse(null) : made.total(),
        made == null,
        mould.id(),
        mould.name(),
        inUse(mould),
        known.latest.get(product.recipeId()).name(),
        mould.section(),
        products.offered(product).stream()
            .map(
                c ->
                    stand(
                        c,
                        product.isOfFixedColours() ? layerNames(product) : c.name(),
                        known.standing.get(product.id() + "/" + c.id())))
            .toList(),
        known.toPour.getOrDefault(product.id(), 0));
  }

  private static int inUse(MouldView mould) {
    return (int) mould.copies().stream().filter(c -> c.condition() == CopyCondition.GOOD).count();
  }

  private static String layerNames(ProductView product) {
    return product.layers().stream().map(ProductLayer::name).collect(Collectors.joining(" and "));
  }

  private static ProductCard.ColourStand stand(
      ColourwayView colour, String name, PieceService.@Nullable Standing standing) {
    return new ProductCard.ColourStand(
        colour.id(),
        name,
        colour.swatch(),
        standing == null ? 0 : standing.inMould(),
        standing == null ? 0 : standing.curing(),
        standing == null ? 0 : standing.ready());
  }

  /**
   * What recipe and route come to.
   *
   * @param cost nothing where a price is missing
   */
  private record Estimate(
      Optional<PieceCost> cost, List<String> lackPrice, Map<Long, Double> kgOfOne) {}

  private Estimate estimate(ProductView product, MouldView mould) {
    List<ColourwayView> offered = products.offered(product);
    if (offered.isEmpty()) {
      return new Estimate(Optional.empty(), List.of(), Map.of());
    }
    int cavities = mould.shape().cavities();
    Map<Long, Double> kgOfOne = new LinkedHashMap<>();
    takes
        .ofOne(product.id(), offered.get(0).id())
        .forEach((id, kg) -> kgOfOne.merge(id, kg / cavities, Double::sum));
    Map<Long, MaterialView> byId = materials.all();
    List<String> lack = new ArrayList<>();
    BigDecimal cost = BigDecimal.ZERO;
    for (Map.Entry<Long, Double> each : kgOfOne.entrySet()) {
      MaterialView material = byId.get(each.getKey());
      BigDecimal perKg = material.role() == Role.WATER ? BigDecimal.ZERO : material.pricePerKg();
      if (perKg == null) {
        lack.add(material.name());
      } else {
        cost = cost.add(perKg.multiply(BigDecimal.valueOf(each.getValue())));
      }
    }
    PieceCost whole =
        PieceCost.of(
            cost.setScale(SCALE, RoundingMode.HALF_UP),
            requireNonNullElse(mould.wearPerPiece(), BigDecimal.ZERO),
            product.goods(),
            PieceCost.labour(attendedMin(product), workshop.view().ratePerHour()),
            0);
    return new Estimate(lack.isEmpty() ? Optional.of(whole) : Optional.empty(), lack, kgOfOne);
  }

  private List<RouteLine> line(ProductView product) {
    RecipeView recipe = recipes.latest(product.recipeId());
    return routes
        .find(product.id())
        .map(RouteView::route)
        .map(r -> r.withAges(recipe.demouldAgeH(), recipe.sealAfterH()))
        .map(RouteLine::of)
        .orElse(List.of());
  }

  private double attendedMin(ProductView product) {
    return product.minutesPerPiece()
        + line(product).stream().mapToDouble(RouteLine::attendedMin).sum();
  }

  /** The page of one product. */
  ProductSheet sheet(long id) {
    ProductView product = products.product(id);
    Known known = new Known();
    MouldView mould = known.moulds.get(product.mouldId());
    ProductCard card = card(product, known);
    RecipeView recipe = recipes.latest(product.recipeId());
    Recipe mix =
        recipes
            .mix(recipe.id(), card.colours().isEmpty() ? null : card.colours().get(0).colourwayId())
            .weighable()
            .recipe();
    double density = BatchSum.of(BatchRequest.ofOneLitre(mix)).freshDensityKgM3();
    MouldResult sum =
        MouldSum.of(
            mould.shape(), density, mould.coreMassKg(), mould.leastWallMm(), mould.wallKind());
    List<Finding> warnings = new ArrayList<>(sum.warnings());
    Grain.tooLarge(mould.shape(), mix.largestGrainMm()).ifPresent(warnings::add);
    Estimate estimate = estimate(product, mould);
    UseView.ProductCost made = known.costs.get(product.name());
    Target target = product.target();
    double pieceKg =
        sum.capacityL() / mould.shape().cavities() * density / 1000 * recipe.retention();
    MouldResult.Walls walls = sum.walls();
    List<ProductSheet.LastMass> masses =
        pieces.lastWeighed(id).stream()
            .filter(p -> p.massKg() != null)
            .map(p -> new ProductSheet.LastMass(p.id(), p.massKg(), p.scrapReason()))
            .toList();
    return new ProductSheet(
        card,
        product,
        mould.kindName(),
        mould.section(),
        sum.capacityL() / mould.shape().cavities(),
        mould.shape().vesselL(),
        target == null ? pieceKg : target.massKg(),
        walls == null ? null : walls.thinnestMm(),
        walls == null || walls.baseMm() == 0 ? null : walls.baseMm(),
        made == null
            ? estimate.cost().orElse(null)
            : new PieceCost(
                made.materials(), made.mouldWear(), made.goods(), made.labour(), made.scrap()),
        estimate.lackPrice(),
        made == null ? 0 : made.pieces(),
        line(product),
        attendedMin(product),
        perWeek(mould, recipe),
        wanted(id),
        taken(estimate.kgOfOne()),
        masses,
        weights(masses, target),
        catalogue.views(warnings));
  }

  private static @Nullable WeightControl weights(
      List<ProductSheet.LastMass> masses, @Nullable Target target) {
    return masses.size() < 2
        ? null
        : WeightControl.of(
            masses.stream().map(m -> m.massKg().doubleValue()).toList(),
            target == null ? null : target.massKg(),
            target == null || !(target.toleranceKg() > 0) ? null : target.toleranceKg());
  }

  /** As many rounds as whole days of setting go into the days that people are in. */
  private int perWeek(MouldView mould, RecipeView recipe) {
    WorkshopView shop = workshop.view();
    int days = shop.hours().days().size();
    int roundDays = (int) Math.max(1, Math.ceil(recipe.demouldAgeH() / DAY_H));
    return inUse(mould) * mould.shape().cavities() * Math.max(days > 0 ? 1 : 0, days / roundDays);
  }

  private List<ProductSheet.WantedLine> wanted(long productId) {
    return orders.open().stream()
        .flatMap(
            o ->
                o.lines().stream()
                    .filter(l -> l.productId() == productId && l.sent() < l.quantity())
                    .map(l -> new ProductSheet.WantedLine(o.id(), o.number(), o.customer(), l)))
        .sorted(Comparator.comparing(w -> w.line().due()))
        .toList();
  }

  private List<ProductSheet.Take> taken(Map<Long, Double> kgOfOne) {
    Map<Long, MaterialView> byId = materials.byIds(kgOfOne.keySet());
    Map<Long, BigDecimal> remaining = stock.remainingKg(kgOfOne.keySet());
    return kgOfOne.entrySet().stream()
        .map(
            e -> {
              MaterialView material = byId.get(e.getKey());
              return new ProductSheet.Take(
                  material.id(),
                  material.name(),
                  e.getValue(),
                  material.role() == Role.WATER ? null : remaining.get(material.id()));
            })
        .toList();
  }
}
