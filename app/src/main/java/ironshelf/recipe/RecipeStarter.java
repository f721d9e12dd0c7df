package ironshelf.recipe;

import ironshelf.core.recipe.StartingRecipe;
import ironshelf.core.recipe.StartingRecipes;
import ironshelf.http.ProblemException;
import ironshelf.material.MaterialService;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes shipped recipes into the shop. */
@Service
@Transactional
class RecipeStarter {

  private final RecipeService recipes;
  private final MaterialService materials;

  RecipeStarter(RecipeService recipes, MaterialService materials) {
    this.recipes = recipes;
    this.materials = materials;
  }

  RecipeView adopt(String code) {
    StartingRecipe start =
        StartingRecipes.shipped()
            .find(code)
            .orElseThrow(() -> ProblemException.unknown("starting recipe", code));
    List<NewRecipe.RecipePart> parts =
        start.parts().stream()
            .map(
                p ->
                    new NewRecipe.RecipePart(
                        materials.adoptOnce(p.material()).id(), p.basis(), p.amount()))
            .toList();
    return recipes.add(
        new NewRecipe(
            start.name(),
            start.school(),
            start.placing(),
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
            parts));
  }
}
