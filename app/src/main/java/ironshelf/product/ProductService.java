package ironshelf.product;

import static java.util.Objects.requireNonNull;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.route.MaterialWanted;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.core.route.StartingRoutes;
import ironshelf.http.problem.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.mould.MouldService;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.route.RouteService;
import ironshelf.route.RouteView;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Products. */
@Service
@Transactional
public class ProductService {

  private final ProductRepository products;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final RouteService routes;
  private final MaterialService materials;
  private final ApplicationEventPublisher events;

  private final CachedRead<Map<Long, ProductView>> all;

  ProductService(
      ProductRepository products,
      MouldService moulds,
      RecipeService recipes,
      RouteService routes,
      MaterialService materials,
      ApplicationEventPublisher events,
      TableVersions changes) {
    this.products = products;
    this.moulds = moulds;
    this.recipes = recipes;
    this.routes = routes;
    this.materials = materials;
    this.events = events;
    this.all = changes.keep(this::readAll, "products");
  }

  public ProductView add(ProductRequest product) {
    refuseUnfit(product, 0);
    ProductView added = products.save(new Product(product)).view();
    Route route =
        product.route() == null
            ? usualRoute(added.mouldId(), added.recipeId())
            : StartingRoutes.find(product.route()).orElseThrow().route();
    routes.start(added.id(), route.pouredAgain(added.waitsBeforeAgain()));
    return added;
  }

  /**
   * Gives a product another route from now on. Refused, with the reason: what harms a piece, and
   * parts that cannot be.
   */
  public RouteView changeRoute(long id, long seenRouteId, List<RouteStep> steps) {
    entity(id);
    Route to = routes.judged(steps);
    int poured = entity(id).view().again().size() + 1;
    new Findings()
        .addIf(
            to.pours().size() != poured,
            FindingCode.ROUTE_POURS,
            "steps",
            Map.of("value", to.pours().size(), "wanted", poured))
        .orRefuse();
    refuseUnknown(to);
    PartsCheck.refuseImpossible(id, to, all(), routes.allCurrent());
    return routes.change(id, seenRouteId, steps);
  }

  /** Materials that a route's steps take and that the shop does not have. */
  private void refuseUnknown(Route route) {
    Set<Long> known = materials.all().keySet();
    Findings findings = new Findings();
    for (int i = 0; i < route.steps().size(); i++) {
      List<MaterialWanted> wanted =
          Objects.requireNonNullElse(route.steps().get(i).materials(), List.of());
      for (int m = 0; m < wanted.size(); m++) {
        findings.addIf(
            !known.contains(wanted.get(m).materialId()),
            FindingCode.MATERIAL_UNKNOWN,
            "steps." + i + ".materials." + m + ".materialId",
            Map.of("value", wanted.get(m).materialId()));
      }
    }
    findings.orRefuse();
  }

  /** The usual route of what is cast of that recipe in that mould. */
  @Transactional(readOnly = true)
  public Route usualRoute(long mouldId, long recipeId) {
    return StartingRoutes.usualOf(
            moulds.mould(mouldId).family().name(), recipes.latest(recipeId).strengthClass())
        .route();
  }

  /**
   * Changes a product. One of another recipe takes its open orders along, or is refused with the
   * reason.
   *
   * @see ProductRecipeChanged
   */
  public ProductView change(long id, long seenVersion, ProductRequest to) {
    Product product = entity(id);
    if (product.version() != seenVersion) {
      throw ProblemException.stale();
    }
    refuseUnfit(to, id);
    long recipeBefore = product.view().recipeId();
    product.change(to);
    ProductView changed = products.saveAndFlush(product).view();
    RouteView own = routes.find(id).orElse(null);
    if (own != null && own.route().pours().size() != changed.again().size() + 1) {
      routes.start(id, own.route().pouredAgain(changed.waitsBeforeAgain()));
    }
    if (changed.recipeId() != recipeBefore) {
      events.publishEvent(new ProductRecipeChanged(changed));
    }
    return changed;
  }

  private void refuseUnfit(ProductRequest wanted, long ownId) {
    products
        .findByNameIgnoreCase(wanted.name().strip())
        .filter(other -> other.id() != ownId)
        .ifPresent(
            other -> {
              throw ProblemException.conflict(
                  "name.taken", Map.of("what", "product", "value", wanted.name()));
            });
    WaxKept wax = wanted.wax();
    if (wax != null) {
      Set<Long> known = materials.all().keySet();
      Long fragrance = wax.fragranceId();
      new Findings()
          .addIf(
              !known.contains(wax.waxId()),
              FindingCode.MATERIAL_UNKNOWN,
              "wax.waxId",
              Map.of("value", wax.waxId()))
          .addIf(
              fragrance != null && !known.contains(fragrance),
              FindingCode.MATERIAL_UNKNOWN,
              "wax.fragranceId",
              Map.of("value", String.valueOf(fragrance)))
          .orRefuse();
    }
    moulds.mould(requireNonNull(wanted.mouldId()));
    requireNonNull(wanted.layers()).stream()
        .map(ProductLayer::mouldId)
        .filter(Objects::nonNull)
        .forEach(moulds::mould);
    recipes.latest(requireNonNull(wanted.recipeId()));
    Stream.concat(
            requireNonNull(wanted.layers()).stream()
                .map(ProductLayer::colourwayId)
                .filter(Objects::nonNull),
            requireNonNull(wanted.soldIn()).stream())
        .map(recipes::colourway)
        .filter(c -> c.recipeId() != wanted.recipeId())
        .findFirst()
        .ifPresent(
            c -> {
              throw ProblemException.conflict(
                  "pour.colourwayWrong", Map.of("colourway", c.name(), "product", wanted.name()));
            });
  }

  @Transactional(readOnly = true)
  public ProductView product(long id) {
    return entity(id).view();
  }

  /** The colourways that a product is offered in. */
  @Transactional(readOnly = true)
  public List<ColourwayView> offered(ProductView product) {
    return product.offered(recipes.colourwaysOf(product.recipeId()));
  }

  /** All products by id. */
  @Transactional(readOnly = true)
  public Map<Long, ProductView> all() {
    return all.get();
  }

  private Map<Long, ProductView> readAll() {
    Map<Long, ProductView> byId = new LinkedHashMap<>();
    products.findAll().stream().map(Product::view).forEach(p -> byId.put(p.id(), p));
    return Collections.unmodifiableMap(byId);
  }

  private Product entity(long id) {
    return products.findById(id).orElseThrow(() -> ProblemException.unknown("product", id));
  }
}
