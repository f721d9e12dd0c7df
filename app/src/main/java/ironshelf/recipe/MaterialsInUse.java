package ironshelf.recipe;

import ironshelf.http.problem.ProblemException;
import ironshelf.material.MaterialRetiring;
import ironshelf.material.MaterialRoleChanging;
import java.util.List;
import java.util.Map;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Refuses to retire a material, or to give it another role, while recipes are made of it. */
@Component
@Transactional(readOnly = true)
class MaterialsInUse {

  private final RecipeRepository recipes;
  private final RecipeService service;

  MaterialsInUse(RecipeRepository recipes, RecipeService service) {
    this.recipes = recipes;
    this.service = service;
  }

  /** Of a recipe that is no longer made like that only the newest version counts. */
  @EventListener
  void on(MaterialRetiring retiring) {
    List<String> users =
        recipes.findAll().stream()
            .filter(r -> service.latest(r.firstId()).id() == r.id())
            .filter(r -> uses(r, retiring.materialId()))
            .map(r -> r.view().name())
            .toList();
    refuse("material.inUse", retiring.name(), users);
  }

  /** Earlier versions count too: pours that used them are still read. */
  @EventListener
  void on(MaterialRoleChanging changing) {
    List<String> users =
        recipes.findAll().stream()
            .filter(r -> uses(r, changing.materialId()))
            .map(r -> r.view().name())
            .distinct()
            .toList();
    refuse("material.roleInUse", changing.name(), users);
  }

  private boolean uses(RecipeEntity recipe, long materialId) {
    return recipe.ingredients().stream().anyMatch(i -> i.materialId() == materialId)
        || service.colourwaysOf(recipe.firstId()).stream()
            .flatMap(c -> c.doses().stream())
            .anyMatch(d -> d.materialId() == materialId);
  }

  private static void refuse(String code, String material, List<String> users) {
    if (!users.isEmpty()) {
      throw ProblemException.conflict(
          code, Map.of("material", material, "users", String.join(", ", users)));
    }
  }
}
