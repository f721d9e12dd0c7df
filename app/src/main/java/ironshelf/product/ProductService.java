package ironshelf.product;

import static java.util.Objects.requireNonNull;

import ironshelf.http.ProblemException;
import ironshelf.mould.MouldService;
import ironshelf.recipe.RecipeService;
import ironshelf.route.RouteService;
import java.util.LinkedHashMap;
import java.util.Map;
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

  ProductService(
      ProductRepository products, MouldService moulds, RecipeService recipes, RouteService routes) {
    this.products = products;
    this.moulds = moulds;
    this.recipes = recipes;
    this.routes = routes;
  }

  public ProductView add(ProductRequest product) {
    refuseUnfit(product, 0);
    ProductView added = products.save(new Product(product)).view();
    routes.start(added.id(), moulds.mould(added.mouldId()).family().name());
    return added;
  }

  public ProductView change(long id, long seenVersion, ProductRequest to) {
    Product product = entity(id);
    if (product.version() != seenVersion) {
      throw ProblemException.stale();
    }
    refuseUnfit(to, id);
    product.change(to);
    return products.saveAndFlush(product).view();
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
    moulds.mould(requireNonNull(wanted.mouldId()));
    recipes.latest(requireNonNull(wanted.recipeId()));
    for (ProductLayer layer : requireNonNull(wanted.layers())) {
      if (layer.colourwayId() != null
          && recipes.colourway(layer.colourwayId()).recipeId() != wanted.recipeId()) {
        throw ProblemException.conflict(
            "pour.colourwayWrong",
            Map.of(
                "colourway", recipes.colourway(layer.colourwayId()).name(),
                "product", wanted.name()));
      }
    }
  }

  @Transactional(readOnly = true)
  public ProductView product(long id) {
    return entity(id).view();
  }

  /** All products by id. */
  @Transactional(readOnly = true)
  public Map<Long, ProductView> all() {
    Map<Long, ProductView> all = new LinkedHashMap<>();
    products.findAll().stream().map(Product::view).forEach(p -> all.put(p.id(), p));
    return all;
  }

  private Product entity(long id) {
    return products.findById(id).orElseThrow(() -> ProblemException.unknown("product", id));
  }
}
