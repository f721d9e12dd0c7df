package ironshelf.read;

import ironshelf.copy.CopyCondition;
import ironshelf.copy.CopyView;
import ironshelf.core.material.Role;
import ironshelf.core.recipe.Ingredient;
import ironshelf.customer.CustomerService;
import ironshelf.customer.CustomerView;
import ironshelf.http.problem.Catalogue;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.material.Stock;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.route.RouteService;
import ironshelf.route.RouteView;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the shop's products and orders lack, so that a page can say it and lead there. */
@Service
@Transactional(readOnly = true)
class MissingReader {

  private final ProductService products;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final RouteService routes;
  private final MaterialService materials;
  private final Stock stock;
  private final OrderService orders;
  private final CustomerService customers;
  private final Catalogue catalogue;

  MissingReader(
      ProductService products,
      MouldService moulds,
      RecipeService recipes,
      RouteService routes,
      MaterialService materials,
      Stock stock,
      OrderService orders,
      CustomerService customers,
      Catalogue catalogue) {
    this.products = products;
    this.moulds = moulds;
    this.recipes = recipes;
    this.routes = routes;
    this.materials = materials;
    this.stock = stock;
    this.orders = orders;
    this.customers = customers;
    this.catalogue = catalogue;
  }

  List<MissingView> all() {
    List<MissingView> missing = new ArrayList<>();
    Map<Long, RouteView> current = routes.allCurrent();
    Map<Long, RecipeView> latest = recipes.allLatest();
    Map<Long, MouldView> used = moulds.all();
    // What each material is needed by: its recipe, and the products made of it.
    Map<Long, Set<String>> neededBy = new LinkedHashMap<>();
    for (ProductView product : products.all().values()) {
      String about = "product-" + product.id();
      MouldView mould = used.get(product.mouldId());
      RecipeView recipe = latest.get(product.recipeId());
      List<ColourwayView> offered = products.offered(product);
      if (!current.containsKey(product.id())) {
        missing.add(
            say(
                "missing.route",
                List.of(about),
                Map.of("product", product.name()),
                "/products/" + product.id() + "/route"));
      }
      if (mould.copies().stream().noneMatch(c -> c.condition() == CopyCondition.GOOD)) {
        missing.add(
            say(
                "missing.copy",
                List.of(about, "mould-" + mould.id()),
                Map.of("product", product.name(), "mould", mould.name()),
                "/moulds/" + mould.id()));
      }
      if (offered.isEmpty()) {
        missing.add(
            say(
                "missing.colour",
                List.of(about, "recipe-" + recipe.firstId()),
                Map.of("product", product.name(), "recipe", recipe.name()),
                "/recipes/" + recipe.id()));
      }
      if (product.target() != null) {
        mould.copies().stream()
            .filter(c -> c.condition() == CopyCondition.GOOD && c.emptyKg() == null)
            .forEach(c -> missing.add(emptyMass(c, product, mould)));
      }
      for (ColourwayView colour : offered) {
        recipes
            .mix(recipe.id(), colour.id())
            .materialIds()
            .forEach(id -> need(neededBy, id, about, recipe));
      }
    }
    latest.values().forEach(recipe -> addTooWet(missing, recipe));
    addMaterials(missing, neededBy);
    addAddresses(missing);
    return missing;
  }

  /** Says which recipe cannot be weighed out in the weather of today, in any of its colours. */
  private void addTooWet(List<MissingView> missing, RecipeView recipe) {
    Stream<RecipeService.Mix> colours =
        recipes.colourwaysOf(recipe.firstId()).stream().map(c -> recipes.mix(recipe.id(), c.id()));
    Stream.concat(Stream.of(recipes.mix(recipe.id(), null)), colours)
        .filter(mix -> mix.recipe().tooWet().isPresent())
        .findFirst()
        .ifPresent(mix -> missing.add(tooWet(recipe, mix)));
  }

  private MissingView tooWet(RecipeView recipe, RecipeService.Mix mix) {
    List<Ingredient> ingredients = mix.recipe().ingredients();
    int wettest = mix.recipe().wettest();
    long materialId = mix.materialIds().get(wettest);
    Map<String, Object> params = new HashMap<>(mix.recipe().tooWet().orElseThrow().params());
    params.put("material", ingredients.get(wettest).name());
    params.put("recipe", recipe.name());
    List<String> about = new ArrayList<>();
    about.add("recipe-" + recipe.firstId());
    about.add("material-" + materialId);
    products.all().values().stream()
        .filter(p -> p.recipeId() == recipe.firstId())
        .forEach(p -> about.add("product-" + p.id()));
    return say("missing.tooWet", about, params, "/stock/" + materialId);
  }

  private static void need(
      Map<Long, Set<String>> neededBy, long materialId, String about, RecipeView recipe) {
    Set<String> own = neededBy.computeIfAbsent(materialId, id -> new LinkedHashSet<>());
    own.add(about);
    own.add("recipe-" + recipe.firstId());
    own.add("material-" + materialId);
  }

  private MissingView emptyMass(CopyView copy, ProductView product, MouldView mould) {
    return say(
        "missing.emptyMass",
        List.of("product-" + product.id(), "mould-" + mould.id(), "copy-" + copy.id()),
        Map.of("copy", copy.code(), "product", product.name()),
        "/copies/" + copy.id());
  }

  private void addMaterials(List<MissingView> missing, Map<Long, Set<String>> neededBy) {
    Map<Long, BigDecimal> remaining = stock.remainingKg(neededBy.keySet());
    for (MaterialView material : materials.all().values()) {
      if (material.role() == Role.WATER || !neededBy.containsKey(material.id())) {
        continue;
      }
      List<String> about = List.copyOf(neededBy.get(material.id()));
      if (remaining.get(material.id()).signum() <= 0) {
        missing.add(
            say(
                "missing.lot",
                about,
                Map.of("material", material.name()),
                "/stock/" + material.id() + "?delivery"));
      }
      // A delivery that is booked brings its price.
      if (material.pricePerKg() == null && remaining.get(material.id()).signum() > 0) {
        missing.add(
            say(
                "missing.price",
                about,
                Map.of("material", material.name()),
                "/stock/" + material.id()));
      }
    }
  }

  private void addAddresses(List<MissingView> missing) {
    Map<Long, CustomerView> byId = customers.byId();
    for (OrderView order : orders.open()) {
      CustomerView customer = byId.get(order.customerId());
      if (customer.address() == null || customer.address().isBlank()) {
        missing.add(
            say(
                "missing.address",
                List.of("order-" + order.id()),
                Map.of("customer", customer.name(), "order", order.number()),
                "/orders/" + order.id() + "?address"));
      }
    }
  }

  private MissingView say(
      String code, List<String> about, Map<String, Object> params, String path) {
    return new MissingView(
        code,
        about,
        catalogue.say(code, "", params),
        path,
        catalogue.say(code + ".key", "", params));
  }
}
