package ironshelf.order;

import static java.util.stream.Collectors.toMap;

import ironshelf.http.problem.ProblemException;
import ironshelf.product.ProductRecipeChanged;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.colourway.ColourwayView;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Takes open lines along when their product is made of another recipe. */
@Component
class RecipeFollower {

  private final OrderLineRepository lines;
  private final RecipeService recipes;

  RecipeFollower(OrderLineRepository lines, RecipeService recipes) {
    this.lines = lines;
    this.recipes = recipes;
  }

  /**
   * Every open line gets the colourway of the same name of the new recipe; refused, with the lines,
   * where there is none. A product of fixed colours is had in its own.
   */
  @EventListener
  void on(ProductRecipeChanged changed) {
    ProductView product = changed.product();
    Map<Long, ColourwayView> all = recipes.allColourways();
    List<ColourwayView> offered = product.offered(recipes.colourwaysOf(product.recipeId()));
    Map<String, ColourwayView> byName =
        offered.stream().collect(toMap(RecipeFollower::name, c -> c, (a, b) -> a));
    List<String> without = new ArrayList<>();
    for (OrderLine line : lines.openOf(product.id())) {
      ColourwayView before = all.get(line.colourwayId());
      ColourwayView after =
          product.isOfFixedColours() && offered.size() == 1
              ? offered.get(0)
              : byName.get(name(before));
      if (after == null) {
        without.add(line.order().number() + " (" + before.name() + ")");
      } else {
        line.colour(after.id());
      }
    }
    if (!without.isEmpty()) {
      throw ProblemException.conflict(
          "product.ordersKeepRecipe",
          Map.of("product", product.name(), "orders", String.join(", ", without)));
    }
  }

  private static String name(ColourwayView colourway) {
    return colourway.name().toLowerCase(Locale.ROOT);
  }
}
