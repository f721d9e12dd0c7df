package ironshelf.plan.basis;

import ironshelf.core.material.Role;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.WorkingTime;
import ironshelf.core.route.Route;
import ironshelf.cure.CureService;
import ironshelf.http.problem.ProblemException;
import ironshelf.mould.DrawnMould;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.route.RouteService;
import ironshelf.route.RouteView;
import ironshelf.station.StationService;
import ironshelf.workshop.WorkshopView;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Products as the plan sees them: their colours, and their routes as work and waits. */
@Component
class PlannedProducts {

  /** Bowl, mixer and tools after a mix, and where a lighter one follows; common practice. */
  static final double WASH_MIN = 6;

  private static final double WASH_DARK_MIN = 10;

  private final ProductService products;
  private final RecipeService recipes;
  private final RouteService routes;
  private final StationService stations;
  private final CureService cure;

  PlannedProducts(
      ProductService products,
      RecipeService recipes,
      RouteService routes,
      StationService stations,
      CureService cure) {
    this.products = products;
    this.recipes = recipes;
    this.routes = routes;
    this.stations = stations;
    this.cure = cure;
  }

  /** All of them as they are at a moment. */
  Known at(WorkshopView shop, Instant now) {
    return new Known(shop, now);
  }

  /** What is read once for a plan. */
  final class Known {
    private final WorkshopView shop;
    private final Instant now;
    private final Map<Long, ProductView> all = products.all();
    private final Map<Long, ColourwayView> colourways = recipes.allColourways();
    private final InMouldStays stays = InMouldStays.of(stations.all());
    private final Map<Long, RouteView> current = routes.allCurrent();
    private final Map<Long, RecipeView> latest = recipes.allLatest();
    private final Map<Long, String> binders = new HashMap<>();
    private final Map<String, PlanRecipe> mixes = new LinkedHashMap<>();
    private final CureService.Gates gates = cure.gates();

    Known(WorkshopView shop, Instant now) {
      this.shop = shop;
      this.now = now;
    }

    Map<Long, ProductView> all() {
      return all;
    }

    Map<Long, ColourwayView> colourways() {
      return colourways;
    }

    boolean isPlannable(long productId, Map<String, List<Long>> inUse) {
      ProductView product = all.get(productId);
      return product != null
          && current.containsKey(productId)
          && IntStream.rangeClosed(0, product.again().size())
              .mapToLong(pour -> product.mouldOf(product.layerOf(pour)))
              .allMatch(mould -> inUse.containsKey(new MouldName(mould).toString()));
    }

    /** A product's route with its recipe's own waits filled in; null where it has none. */
    @Nullable Route route(long productId) {
      RouteView own = current.get(productId);
      if (own == null) {
        return null;
      }
      RecipeView recipe = latest.get(all.get(productId).recipeId());
      return own.route().withAges(recipe.demouldAgeH(), recipe.sealAfterH());
    }

    Route known(PlanFacts.Wanted wanted) {
      Route route = route(wanted.productId());
      if (route == null) {
        throw ProblemException.conflict("product.noRoute", Map.of());
      }
      return route;
    }

    /** Whether what goes another route than new ones is poured as often as they are. */
    boolean isPouredAlike(Begun.Whole whole) {
      return whole.route().pours().size() == known(whole.product()).pours().size();
    }

    /** A product at each of its pours. */
    List<PlanProduct> products(
        PlanFacts.Wanted wanted, Map<Long, DrawnMould> drawn, PlanSteps steps) {
      ProductView product = all.get(wanted.productId());
      ColourwayView colourway = colourways.get(wanted.colourwayId());
      RecipeView recipe = latest.get(product.recipeId());
      Route route = known(wanted);
      CureService.DemouldGate gate =
          gates.gate(stays.from(now, route), recipe.demouldAgeH(), recipe.greenUntilAgeH());
      Instant out = gate.readyAt();
      Double greenH =
          gate.greenUntil() == null
              ? null
              : Double.valueOf(
                  Math.max(0, Duration.between(out, gate.greenUntil()).toMinutes() / 60.0));
      double setH = Math.max(1 / 60.0, Duration.between(now, out).toMinutes() / 60.0);
      int pours = route.pours().size();
      return IntStream.range(0, pours)
          .mapToObj(
              pour -> {
                DrawnMould mould = drawn.get(product.mouldOf(product.layerOf(pour)));
                return new PlanProduct(
                    ProductName.of(wanted, pour, pours).toString(),
                    new MouldName(mould.id()).toString(),
                    // Alike only where one mix is: another recipe's colour is another.
                    product.mixKey(product.layerOf(pour), colourway.id()),
                    darkness(colourway.swatch()),
                    binders.computeIfAbsent(recipe.id(), this::binder),
                    steps.from(
                        product,
                        route,
                        current.get(product.id()).route(),
                        pour,
                        mould.cavities(),
                        setH,
                        greenH,
                        layer -> mix(product, layer, colourway, recipe, mould)),
                    mixed(recipe),
                    litres(product, product.layerOf(pour), mould),
                    null,
                    null);
              })
          .toList();
    }

    /** What one cast takes for a layer that is poured later. */
    private PlanStep.LayerMix mix(
        ProductView product,
        int layer,
        ColourwayView ordered,
        RecipeView recipe,
        DrawnMould mould) {
      Long own = product.layers().get(layer).colourwayId();
      ColourwayView colourway = own == null ? ordered : colourways.get(own);
      return new PlanStep.LayerMix(
          mixed(recipe),
          product.mixKey(layer, ordered.id()),
          darkness(colourway.swatch()),
          litres(product, layer, mould));
    }

    /** The name of a recipe's mix; its rules are kept for the request. */
    private String mixed(RecipeView recipe) {
      String name = "recipe-" + recipe.id();
      mixes.computeIfAbsent(
          name,
          n ->
              new PlanRecipe(
                  n,
                  recipe.mixMin(),
                  WorkingTime.minutes(recipe.workingMinAt20C(), shop.roomC()),
                  0,
                  0,
                  WASH_MIN,
                  WASH_DARK_MIN));
      return name;
    }

    /** What is poured into a cast in one go. */
    private static double litres(ProductView product, int firstLayer, DrawnMould mould) {
      return mould.capacityL()
          * product.session(firstLayer).stream().mapToDouble(ProductLayer::sharePercent).sum()
          / 100;
    }

    /** How the recipes of the products so far are mixed. */
    List<PlanRecipe> mixes() {
      return List.copyOf(mixes.values());
    }

    private @Nullable String binder(long recipeId) {
      return recipes.mix(recipeId, null).recipe().ingredients().stream()
          .filter(i -> i.role() == Role.BINDER)
          .map(Ingredient::name)
          .findFirst()
          .orElse(null);
    }
  }

  /** 0 for white, 100 for black, by luma (ITU-R BT.709). */
  private static double darkness(String swatch) {
    int rgb = Integer.parseInt(swatch.substring(1), 16);
    double luma = 0.2126 * (rgb >> 16 & 0xff) + 0.7152 * (rgb >> 8 & 0xff) + 0.0722 * (rgb & 0xff);
    return Math.rint(100 - luma / 2.55);
  }
}
