package ironshelf.plan.needs;

import ironshelf.core.pour.CastTake;
import ironshelf.core.pour.PourInput;
import ironshelf.core.recipe.BatchResult;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.material.Stock;
import ironshelf.mould.DrawnMould;
import ironshelf.mould.MouldService;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.product.StepMaterials;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.route.RouteService;
import ironshelf.route.RouteView;
import ironshelf.workshop.WorkshopService;
import java.math.BigDecimal;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * What casts take of each material, waste included, as a pour sheet asks for it, and what the steps
 * after them take: that is counted from the pour on, so that it is there in time.
 */
@Component
@Transactional(readOnly = true)
public class UseOfCasts {

  private static final double NOTHING_KG = 0.001;

  private final ProductService products;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final MaterialService materials;
  private final Stock stock;
  private final WorkshopService workshop;
  private final RouteService routes;
  private final StepMaterials steps;

  UseOfCasts(
      ProductService products,
      MouldService moulds,
      RecipeService recipes,
      MaterialService materials,
      Stock stock,
      WorkshopService workshop,
      RouteService routes,
      StepMaterials steps) {
    this.products = products;
    this.moulds = moulds;
    this.recipes = recipes;
    this.materials = materials;
    this.stock = stock;
    this.workshop = workshop;
    this.routes = routes;
    this.steps = steps;
  }

  /**
   * The kg of each material that one cast of a product takes over all its pours, waste included.
   */
  public Map<Long, Double> ofOne(long productId, long colourwayId) {
    Map<Long, Double> kg = new LinkedHashMap<>();
    for (int pour = 0; pour <= products.product(productId).again().size(); pour++) {
      of(List.of(new PourUse(0, productId, colourwayId, pour, LocalDateTime.MIN)))
          .get(0)
          .forEach((id, more) -> kg.merge(id, more, Double::sum));
    }
    return kg;
  }

  /** The kg of each material that each cast takes, by the cast's number. */
  public Map<Integer, Map<Long, Double>> of(List<PourUse> casts) {
    Map<Long, ProductView> all = products.all();
    Map<Long, DrawnMould> drawn = moulds.drawn();
    double waste = workshop.view().wastePercent();
    Map<String, Map<Long, Double>> known = new HashMap<>();
    Map<Long, RouteView> current = routes.allCurrent();
    Map<Integer, Map<Long, Double>> uses = new LinkedHashMap<>();
    for (PourUse cast : casts) {
      uses.put(
          cast.castNo(),
          known.computeIfAbsent(
              cast.productId() + "/" + cast.colourwayId() + "/" + cast.pour(),
              k -> {
                ProductView product = all.get(cast.productId());
                DrawnMould mould = drawn.get(product.mouldOf(product.layerOf(cast.pour())));
                Map<Long, Double> kg =
                    oneCast(product, cast.pour(), mould, cast.colourwayId(), waste);
                RouteView route = current.get(product.id());
                if (route != null) {
                  steps
                      .ofPour(product, cast.colourwayId(), route.route(), cast.pour())
                      .forEach((id, m) -> kg.merge(id, m * mould.cavities(), Double::sum));
                }
                return kg;
              }));
    }
    return uses;
  }

  private Map<Long, Double> oneCast(
      ProductView product, int pour, DrawnMould mould, long colourwayId, double wastePercent) {
    RecipeView recipe = recipes.latest(product.recipeId());
    List<RecipeService.Mix> mixes = new ArrayList<>();
    List<PourInput.LayerMix> layers = new ArrayList<>();
    for (ProductLayer layer : product.layers()) {
      Long own = layer.colourwayId() == null ? Long.valueOf(colourwayId) : layer.colourwayId();
      RecipeService.Mix mix =
          recipes.mix(recipe.id(), own, Boolean.TRUE.equals(layer.withoutFibre())).weighable();
      mixes.add(mix);
      layers.add(new PourInput.LayerMix(mix.recipe(), layer.sharePercent() / 100));
    }
    CastTake take =
        CastTake.of(
            mould.capacityL(),
            mould.cavities(),
            layers,
            product.target() == null ? null : product.target().sold(recipe.retention()),
            wastePercent);
    Map<Long, Double> kg = new LinkedHashMap<>();
    int first = product.layerOf(pour);
    for (int i = first; i < first + product.filling(first).size(); i++) {
      List<BatchResult.Line> lines = take.layers().get(i).lines();
      for (int j = 0; j < lines.size(); j++) {
        kg.merge(mixes.get(i).materialIds().get(j), lines.get(j).massKg(), Double::sum);
      }
    }
    return kg;
  }

  /** The names of what will be lacking when each cast is poured, by the cast's number. */
  public Map<Integer, List<String>> lacking(List<PourUse> inOrder) {
    Map<Integer, Map<Long, Double>> uses = of(inOrder);
    List<Long> ids = uses.values().stream().flatMap(u -> u.keySet().stream()).distinct().toList();
    Map<Long, BigDecimal> remaining = stock.remainingKg(ids);
    Map<Long, MaterialView> byId = materials.byIds(ids);
    Map<Long, Double> taken = new HashMap<>();
    Map<Integer, List<String>> lacking = new HashMap<>();
    uses.forEach(
        (castNo, kg) -> {
          List<String> names = new ArrayList<>();
          kg.forEach(
              (id, mass) -> {
                double after = taken.merge(id, mass, Double::sum);
                MaterialView material = byId.get(id);
                boolean fromTap = material.role() == ironshelf.core.material.Role.WATER;
                if (!fromTap
                    && after
                        > remaining.getOrDefault(id, BigDecimal.ZERO).doubleValue() + NOTHING_KG) {
                  names.add(material.name());
                }
              });
          if (!names.isEmpty()) {
            lacking.put(castNo, names);
          }
        });
    return lacking;
  }
}
