package ironshelf.recipe;

import ironshelf.core.recipe.starting.StartingRecipe;
import ironshelf.core.recipe.starting.StartingRecipes;
import ironshelf.http.problem.ProblemException;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes shipped recipes into the shop. */
@Service
@Transactional
public class RecipeStarter {

  private final RecipeService recipes;

  RecipeStarter(RecipeService recipes) {
    this.recipes = recipes;
  }

  /** The shop's recipe of that name where it has one, else the shipped one, taken in. */
  public RecipeView adoptOnce(String code) {
    return recipes.byName(shipped(code).name()).orElseGet(() -> adopt(code));
  }

  private static StartingRecipe shipped(String code) {
    return StartingRecipes.shipped()
        .find(code)
        .orElseThrow(() -> ProblemException.unknown("starting recipe", code));
  }

  /** Takes a shipped recipe in; refused where one of its name is there. */
  public RecipeView adopt(String code) {
    StartingRecipe start = shipped(code);
    List<NewRecipe.RecipePart> parts =
        start.parts().stream()
            .map(p -> new NewRecipe.RecipePart(null, p.material(), p.basis(), p.amount()))
            .toList();
    return recipes.add(
        new NewRecipe(
            start.name(),
            start.school(),
            start.placing(),
            start.placement(),
            start.caution(),
            start.strengthClass(),
            start.addition(),
            start.airPercent(),
            start.yieldFactor(),
            start.batchYieldL(),
            start.workingMinAt20C(),
            start.mixMin(),
            start.water(),
            start.demouldAgeH(),
            start.greenUntilAgeH(),
            start.sealAfterH(),
            Double.NaN,
            start.strength28Mpa(),
            parts));
  }
}
