package ironshelf.product;

import ironshelf.core.route.RouteStep;
import ironshelf.http.SeenVersion;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.route.RouteLine;
import ironshelf.route.RouteService;
import ironshelf.route.RouteView;
import java.time.Instant;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The route that a product's next pieces go. */
@RestController
class ProductRouteController {

  /**
   * @param route of version 0 where the product has none yet: the usual one
   * @param line its gates at 20 °C, with the recipe's own ages
   */
  record RoutePage(
      RouteView.Steps route, ProductView product, RecipeView recipe, List<RouteLine> line) {}

  /** A route as it is to be. */
  record RouteSteps(List<RouteStep> steps) {}

  private final ProductService products;
  private final RecipeService recipes;
  private final RouteService routes;

  ProductRouteController(ProductService products, RecipeService recipes, RouteService routes) {
    this.products = products;
    this.recipes = recipes;
    this.routes = routes;
  }

  @GetMapping("/api/products/{id}/route")
  RoutePage route(@PathVariable long id) {
    ProductView product = products.product(id);
    RecipeView recipe = recipes.latest(product.recipeId());
    RouteView route =
        routes
            .find(id)
            .orElseGet(
                () ->
                    new RouteView(
                        0,
                        id,
                        products.usualRoute(product.mouldId(), product.recipeId()),
                        Instant.EPOCH));
    return new RoutePage(
        route.travels(),
        product,
        recipe,
        RouteLine.of(route.route().withAges(recipe.demouldAgeH(), recipe.sealAfterH())));
  }

  /** Its version is the id of the route that was seen. */
  @PutMapping("/api/products/{id}/route")
  RoutePage change(@PathVariable long id, @SeenVersion long seen, @RequestBody RouteSteps route) {
    products.changeRoute(id, seen, route.steps());
    return route(id);
  }
}
