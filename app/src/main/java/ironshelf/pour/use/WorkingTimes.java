package ironshelf.pour.use;

import static java.util.Objects.requireNonNull;

import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Learned;
import ironshelf.core.recipe.Recipe;
import ironshelf.pour.PourReader;
import ironshelf.pour.PourTaken;
import ironshelf.pour.WasteBook;
import ironshelf.pour.record.WasteView;
import ironshelf.recipe.RecipeService;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * What bowls that went off say of how long a mix can be worked: from wetting until it was thrown,
 * as it would have been at 20 °C.
 */
@Component
class WorkingTimes {

  private final WasteBook waste;
  private final PourReader pours;
  private final RecipeService recipes;

  WorkingTimes(WasteBook waste, PourReader pours, RecipeService recipes) {
    this.waste = waste;
    this.pours = pours;
    this.recipes = recipes;
  }

  Learned learned(long firstId, double usedMin) {
    List<WasteView> all = waste.wentOff();
    Map<Long, PourTaken> bowls =
        pours.takenOf(all.stream().map(WasteView::pourId).distinct().toList());
    List<Double> minutes = new ArrayList<>();
    for (WasteView off : all) {
      PourTaken bowl = requireNonNull(bowls.get(off.pourId()));
      double took = Duration.between(bowl.pouredAt(), off.at()).toMillis() / 60_000.0;
      if (took > 0 && recipes.recipe(bowl.recipeId()).firstId() == firstId) {
        minutes.add(took * warmth(bowl));
      }
    }
    return Learned.of(usedMin, minutes);
  }

  /** How much longer it would have worked at 20 °C than at the temperature that it was mixed at. */
  private double warmth(PourTaken bowl) {
    Recipe recipe = recipes.mix(bowl.recipeId(), bowl.colourwayId()).weighable().recipe();
    Double expected =
        BatchSum.of(new BatchRequest(recipe, 1, 0, null, bowl.roomC(), bowl.waterC(), 1, 0, 0))
            .workingMin();
    Double at20 = recipe.workingMinAt20C();
    return expected == null || at20 == null ? 1 : at20 / expected;
  }
}
