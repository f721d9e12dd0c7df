package ironshelf.product;

import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchSum;
import ironshelf.recipe.ColourwayView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ProductController {

  /**
   * A product with what it is made of.
   *
   * @param freshDensityKgM3 of its mix in its first colourway
   */
  record ProductPage(
      ProductView product,
      RecipeView recipe,
      List<ColourwayView> colourways,
      double freshDensityKgM3) {}

  private final ProductService products;
  private final RecipeService recipes;

  ProductController(ProductService products, RecipeService recipes) {
    this.products = products;
    this.recipes = recipes;
  }

  @GetMapping("/api/products")
  List<ProductPage> products() {
    return products.all().values().stream().map(this::page).toList();
  }

  private ProductPage page(ProductView product) {
    RecipeView latest = recipes.latest(product.recipeId());
    List<ColourwayView> colourways = recipes.colourwaysOf(product.recipeId());
    BatchRequest oneLitre =
        new BatchRequest(
            recipes.mix(latest.id(), colourways.isEmpty() ? null : colourways.get(0).id()).recipe(),
            1,
            Double.NaN,
            null,
            Double.NaN,
            Double.NaN,
            null,
            Double.NaN,
            Double.NaN);
    return new ProductPage(product, latest, colourways, BatchSum.of(oneLitre).freshDensityKgM3());
  }
}
