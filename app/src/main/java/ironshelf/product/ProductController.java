package ironshelf.product;

import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchSum;
import ironshelf.http.SeenVersion;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ProductController {

  /**
   * A product with what it is made of.
   *
   * @param colourways that it is offered in; one where its colours are fixed
   * @param mixKeys of each colourway: alike for what one mix can fill together
   * @param freshDensityKgM3 of its mix in its first colourway
   */
  record ProductPage(
      ProductView product,
      RecipeView recipe,
      List<ColourwayView> colourways,
      List<String> mixKeys,
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

  @GetMapping("/api/products/{id}")
  ProductPage product(@PathVariable long id) {
    return page(products.product(id));
  }

  @PostMapping("/api/products")
  @ResponseStatus(HttpStatus.CREATED)
  ProductPage add(@RequestBody ProductRequest product) {
    return page(products.add(product));
  }

  @PutMapping("/api/products/{id}")
  ProductPage change(
      @PathVariable long id, @SeenVersion long seen, @RequestBody ProductRequest product) {
    return page(products.change(id, seen, product));
  }

  /** Wax that a product is filled with; null: none. */
  record WaxChange(@Nullable WaxKept wax) {}

  @PutMapping("/api/products/{id}/wax")
  ProductPage keepWax(
      @PathVariable long id, @SeenVersion long seen, @RequestBody WaxChange change) {
    ProductRequest to = products.product(id).kept().withWax(change.wax());
    return page(products.change(id, seen, to));
  }

  private ProductPage page(ProductView product) {
    RecipeView latest = recipes.latest(product.recipeId());
    List<ColourwayView> colourways = products.offered(product);
    BatchRequest oneLitre =
        BatchRequest.ofOneLitre(
            recipes
                .mix(latest.id(), colourways.isEmpty() ? null : colourways.get(0).id())
                .recipe());
    return new ProductPage(
        product,
        latest,
        colourways,
        colourways.stream().map(c -> product.mixKey(0, c.id())).toList(),
        BatchSum.of(oneLitre).freshDensityKgM3());
  }
}
