package ironshelf.plan.needs;

import ironshelf.core.pour.TargetReading;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.mould.DrawnMould;
import ironshelf.mould.MouldService;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.product.Target;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
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

/** What casts take of each material, waste included: the recipe's masses for what moulds hold. */
@Component
@Transactional(readOnly = true)
public class UseOfCasts {

  private static final double NOTHING_KG = 0.001;

  private final ProductService products;
  private final MouldService moulds;
  private final RecipeService recipes;
  private final MaterialService materials;
  private final WorkshopService workshop;

  UseOfCasts(
      ProductService products,
      MouldService moulds,
      RecipeService recipes,
      MaterialService materials,
      WorkshopService workshop) {
    this.products = products;
    this.moulds = moulds;
    this.recipes = recipes;
    this.materials = materials;
    this.workshop = workshop;
  }

  /** The kg of each material that one cast of a product takes, waste included. */
  public Map<Long, Double> ofOne(long productId, long colourwayId) {
    return of(List.of(new PourUse(0, productId, colourwayId, LocalDateTime.MIN))).get(0);
  }

  /** The kg of each material that each cast takes, by the cast's number. */
  Map<Integer, Map<Long, Double>> of(List<PourUse> casts) {
    Map<Long, ProductView> all = products.all();
    Map<Long, DrawnMould> drawn = moulds.drawn();
    double waste = 1 + workshop.view().wastePercent() / 100;
    Map<String, Map<Long, Double>> known = new HashMap<>();
    Map<Integer, Map<Long, Double>> uses = new LinkedHashMap<>();
    for (PourUse cast : casts) {
      uses.put(
          cast.castNo(),
          known.computeIfAbsent(
              cast.productId() + "/" + cast.colourwayId(),
              k -> {
                ProductView product = all.get(cast.productId());
                return oneCast(product, drawn.get(product.mouldId()), cast.colourwayId(), waste);
              }));
    }
    return uses;
  }

  private Map<Long, Double> oneCast(
      ProductView product, DrawnMould mould, long colourwayId, double waste) {
    RecipeView recipe = recipes.latest(product.recipeId());
    Map<Long, Double> kg = new LinkedHashMap<>();
    for (ProductLayer layer : product.layers()) {
      Long own = layer.colourwayId() == null ? Long.valueOf(colourwayId) : layer.colourwayId();
      RecipeService.Mix whole = recipes.mix(recipe.id(), own);
      RecipeService.Mix mix =
          Boolean.TRUE.equals(layer.withoutFibre()) ? whole.withoutFibre() : whole;
      BatchResult litre = BatchSum.of(BatchRequest.ofOneLitre(mix.recipe()));
      double litres =
          litres(product, mould, recipe, litre.freshDensityKgM3())
              * layer.sharePercent()
              / 100
              * waste;
      for (int i = 0; i < litre.lines().size(); i++) {
        kg.merge(mix.materialIds().get(i), litre.lines().get(i).massKg() * litres, Double::sum);
      }
    }
    return kg;
  }

  private static double litres(
      ProductView product, DrawnMould mould, RecipeView recipe, double densityKgM3) {
    Target target = product.target();
    if (target == null) {
      return mould.capacityL();
    }
    double freshKg =
        TargetReading.of(target.massKg(), 0, target.hardwareKg(), recipe.retention(), 1).freshKg();
    return freshKg * mould.cavities() / densityKgM3 * 1000;
  }

  /** The names of what will be lacking when each cast is poured, by the cast's number. */
  public Map<Integer, List<String>> lacking(List<PourUse> inOrder) {
    Map<Integer, Map<Long, Double>> uses = of(inOrder);
    List<Long> ids = uses.values().stream().flatMap(u -> u.keySet().stream()).distinct().toList();
    Map<Long, BigDecimal> remaining = materials.remainingKg(ids);
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
