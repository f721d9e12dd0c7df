package ironshelf.product;

import static java.util.Objects.requireNonNull;

import ironshelf.core.piece.UsualMass;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchSum;
import ironshelf.http.SeenVersion;
import ironshelf.mould.DrawnMould;
import ironshelf.mould.MouldService;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import java.util.List;
import java.util.Map;
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
   * @param usual what a piece weighs as it comes out, by its target or its mould; null of one that
   *     is poured in several moulds
   */
  record ProductPage(
      ProductView product,
      RecipeView recipe,
      List<ColourwayView> colourways,
      List<String> mixKeys,
      double freshDensityKgM3,
      @Nullable UsualMass usual) {}

  private final ProductService products;
  private final RecipeService recipes;
  private final MouldService moulds;

  ProductController(ProductService products, RecipeService recipes, MouldService moulds) {
    this.products = products;
    this.recipes = recipes;
    this.moulds = moulds;
  }

  @GetMapping("/api/products")
  List<ProductPage> products() {
    Map<Long, DrawnMould> drawn = moulds.drawn();
    return products.all().values().stream().map(p -> page(p, drawn)).toList();
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
    return page(product, moulds.drawn());
  }

  private ProductPage page(ProductView product, Map<Long, DrawnMould> drawn) {
    RecipeView latest = recipes.latest(product.recipeId());
    List<ColourwayView> colourways = products.offered(product);
    BatchRequest oneLitre =
        BatchRequest.ofOneLitre(
            recipes
                .mix(latest.id(), colourways.isEmpty() ? null : colourways.get(0).id())
                .weighable()
                .recipe());
    double freshKgM3 = BatchSum.of(oneLitre).freshDensityKgM3();
    return new ProductPage(
        product,
        latest,
        colourways,
        colourways.stream().map(c -> product.mixKey(0, c.id())).toList(),
        freshKgM3,
        usual(product, requireNonNull(drawn.get(product.mouldId())), freshKgM3, latest));
  }

  private static @Nullable UsualMass usual(
      ProductView product, DrawnMould mould, double freshKgM3, RecipeView recipe) {
    if (!product.again().isEmpty()) {
      return null;
    }
    Target target = product.target();
    return target == null
        ? UsualMass.ofFilling(mould.capacityL() / mould.cavities(), freshKgM3, recipe.retention())
        : UsualMass.of(target.massKg());
  }
}
