package ironshelf.product;

import ironshelf.core.finish.WaxFill;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.recipe.RecipeService;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a step takes of each material for one piece: mix and rod of a join, wax of a filling. */
@Component
@Transactional(readOnly = true)
public class StepMaterials {

  private final RecipeService recipes;

  StepMaterials(RecipeService recipes) {
    this.recipes = recipes;
  }

  /**
   * In kg, by the material; nothing where it takes nothing.
   *
   * @param round which time of the step: mix is taken the first time, the rest each time
   */
  public Map<Long, Double> of(
      ProductView product, long colourwayId, Route route, int stepNo, int round) {
    RouteStep step = route.steps().get(stepNo);
    Map<Long, Double> kg = new LinkedHashMap<>();
    if (step.mixKg() != null && round == 1) {
      RecipeService.Mix mix =
          recipes.mix(recipes.latest(product.recipeId()).id(), colourwayId).weighable();
      List<BatchResult.Line> lines = BatchSum.of(BatchRequest.ofOneLitre(mix.recipe())).lines();
      double all = lines.stream().mapToDouble(BatchResult.Line::massKg).sum();
      for (int i = 0; i < lines.size(); i++) {
        kg.merge(mix.materialIds().get(i), step.mixKg() * lines.get(i).massKg() / all, Double::sum);
      }
    }
    if (step.materials() != null) {
      step.materials().forEach(m -> kg.merge(m.materialId(), m.massKg(), Double::sum));
    }
    WaxKept wax = product.wax();
    if (wax != null && round == 1 && route.kind(stepNo).has(Effect.FILLS)) {
      WaxFill fill = WaxFill.of(wax.fill());
      kg.merge(wax.waxId(), fill.waxKg(), Double::sum);
      if (wax.fragranceId() != null && fill.fragranceKg() > 0) {
        kg.merge(wax.fragranceId(), fill.fragranceKg(), Double::sum);
      }
    }
    return kg;
  }

  /** The same of all steps from one pour of a route to the next, each done as often as it is. */
  public Map<Long, Double> ofPour(ProductView product, long colourwayId, Route route, int pour) {
    List<Integer> pours = route.pours();
    int from = pours.get(Math.min(pour, pours.size() - 1)) + 1;
    int end = pour + 1 < pours.size() ? pours.get(pour + 1) : route.steps().size();
    Map<Long, Double> kg = new LinkedHashMap<>();
    for (int i = from; i < end; i++) {
      for (int round = 1; round <= route.steps().get(i).times(); round++) {
        of(product, colourwayId, route, i, round).forEach((id, m) -> kg.merge(id, m, Double::sum));
      }
    }
    return kg;
  }
}
