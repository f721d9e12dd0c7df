package ironshelf.recipe;

import ironshelf.core.material.Role;
import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.Recipe;
import ironshelf.http.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Recipes in versions, and their colourways. A recipe goes by its first version's id: products and
 * colourways name that one, pours the version that they used.
 */
@Service
@Transactional
public class RecipeService {

  /** A recipe ready for the batch sum, with the material that each ingredient is taken from. */
  public record Mix(Recipe recipe, List<Long> materialIds) {

    /** The mix of a face layer. */
    public Mix withoutFibre() {
      return new Mix(
          recipe.withoutFibre(),
          IntStream.range(0, materialIds.size())
              .filter(i -> recipe.ingredients().get(i).role() != Role.FIBRE)
              .mapToObj(materialIds::get)
              .toList());
    }
  }

  private final RecipeRepository recipes;
  private final ColourwayRepository colourways;
  private final MaterialService materials;

  RecipeService(
      RecipeRepository recipes, ColourwayRepository colourways, MaterialService materials) {
    this.recipes = recipes;
    this.colourways = colourways;
    this.materials = materials;
  }

  /** Keeps a new recipe. */
  public RecipeView add(NewRecipe recipe) {
    refuseTaken(recipe, 0);
    return recipes.save(new RecipeEntity(recipe, null, 1)).view();
  }

  /** Keeps a new version; the one before stays as it is, with the pours that used it. */
  public RecipeView addVersion(long id, int seenVersionNo, NewRecipe recipe) {
    long firstId = entity(id).firstId();
    RecipeEntity newest = recipes.versions(firstId).get(0);
    if (newest.versionNo() != seenVersionNo) {
      throw ProblemException.stale();
    }
    refuseTaken(recipe, firstId);
    return recipes.save(new RecipeEntity(recipe, firstId, seenVersionNo + 1)).view();
  }

  private void refuseTaken(NewRecipe wanted, long ownFirstId) {
    materials(wanted);
    if (recipes.findByNameOrderByVersionNoDesc(wanted.name().strip()).stream()
        .anyMatch(other -> other.firstId() != ownFirstId)) {
      throw ProblemException.conflict(
          "name.taken", Map.of("what", "recipe", "value", wanted.name()));
    }
  }

  private void materials(NewRecipe wanted) {
    wanted.parts().forEach(part -> materials.byId(part.materialId()));
  }

  public ColourwayView addColourway(long recipeId, ColourwayRequest wanted) {
    long firstId = entity(recipeId).firstId();
    if (colourways.findByRecipeIdOrderById(firstId).stream()
        .anyMatch(c -> c.view().name().equalsIgnoreCase(wanted.name().strip()))) {
      throw ProblemException.conflict(
          "name.taken", Map.of("what", "colourway", "value", wanted.name()));
    }
    Colourway colourway =
        new Colourway(firstId, wanted.name().strip(), wanted.swatch(), wanted.waterOffsetPercent());
    dose(colourway, wanted);
    return colourways.save(colourway).view();
  }

  public ColourwayView changeColourway(long id, ColourwayRequest wanted) {
    Colourway colourway = colourwayEntity(id);
    colourway.change(wanted.name().strip(), wanted.swatch(), wanted.waterOffsetPercent());
    // The doses of before must be gone before others take their places.
    colourways.flush();
    dose(colourway, wanted);
    return colourways.saveAndFlush(colourway).view();
  }

  private void dose(Colourway colourway, ColourwayRequest wanted) {
    for (ColourwayRequest.DoseRequest dose : wanted.doses()) {
      colourway.dose(materials.byId(dose.materialId()).id(), dose.percentOfBinder());
    }
  }

  @Transactional(readOnly = true)
  public RecipeView recipe(long id) {
    return entity(id).view();
  }

  /** The newest version of a recipe. */
  @Transactional(readOnly = true)
  public RecipeView latest(long firstId) {
    return recipes.versions(firstId).stream()
        .findFirst()
        .map(RecipeEntity::view)
        .orElseThrow(() -> ProblemException.unknown("recipe", firstId));
  }

  /** All versions by their ids. */
  @Transactional(readOnly = true)
  public Map<Long, RecipeView> allRecipes() {
    Map<Long, RecipeView> all = new LinkedHashMap<>();
    recipes.findAll().forEach(r -> all.put(r.id(), r.view()));
    return all;
  }

  /** The newest version of each recipe, by the recipe's first id. */
  @Transactional(readOnly = true)
  public Map<Long, RecipeView> allLatest() {
    Map<Long, RecipeView> latest = new LinkedHashMap<>();
    for (RecipeView view : allRecipes().values()) {
      latest.merge(view.firstId(), view, (a, b) -> a.versionNo() > b.versionNo() ? a : b);
    }
    return latest;
  }

  /** The ids of a recipe's versions, newest first. */
  @Transactional(readOnly = true)
  public List<RecipeView> versions(long firstId) {
    return recipes.versions(firstId).stream().map(RecipeEntity::view).toList();
  }

  /** What was kept of a version. */
  @Transactional(readOnly = true)
  public NewRecipe kept(long id) {
    return entity(id).kept();
  }

  @Transactional(readOnly = true)
  public ColourwayView colourway(long id) {
    return colourwayEntity(id).view();
  }

  @Transactional(readOnly = true)
  public Map<Long, ColourwayView> allColourways() {
    Map<Long, ColourwayView> all = new LinkedHashMap<>();
    colourways.findAll().forEach(c -> all.put(c.id(), c.view()));
    return all;
  }

  @Transactional(readOnly = true)
  public List<ColourwayView> colourwaysOf(long recipeId) {
    return colourways.findByRecipeIdOrderById(recipeId).stream().map(Colourway::view).toList();
  }

  /**
   * A version of a recipe, with the densities that its materials have today.
   *
   * @param colourwayId null for the recipe without pigment
   */
  @Transactional(readOnly = true)
  public Mix mix(long recipeId, @Nullable Long colourwayId) {
    RecipeEntity recipe = entity(recipeId);
    ColourwayView colourway = colourwayId == null ? null : colourway(colourwayId);
    List<ColourwayView.Dose> doses = colourway == null ? List.of() : colourway.doses();
    List<Long> materialIds =
        Stream.concat(
                recipe.ingredients().stream().map(RecipeIngredient::materialId),
                doses.stream().map(ColourwayView.Dose::materialId))
            .toList();
    Map<Long, MaterialView> byId = materials.byIds(materialIds);
    List<Ingredient> base = new ArrayList<>();
    for (RecipeIngredient i : recipe.ingredients()) {
      base.add(ingredient(byId.get(i.materialId()), i.basis(), i.amount()));
    }
    List<Ingredient> pigments =
        doses.stream()
            .map(
                d ->
                    ingredient(
                        byId.get(d.materialId()), Basis.PERCENT_OF_BINDER, d.percentOfBinder()))
            .toList();
    Recipe plain =
        new Recipe(
            base,
            recipe.airPercent(),
            recipe.yieldFactor(),
            recipe.view().workingMinAt20C(),
            recipe.water(),
            recipe.batchYieldL());
    double offset = colourway == null ? 0 : colourway.waterOffsetPercent();
    return new Mix(plain.inColourway(pigments, offset), materialIds);
  }

  private static Ingredient ingredient(MaterialView material, Basis basis, double amount) {
    return new Ingredient(
        material.name(),
        material.role(),
        basis,
        amount,
        material.relativeDensity(),
        material.bulkDensityKgM3(),
        material.moisturePercent(),
        material.absorptionPercent(),
        material.packKg());
  }

  private RecipeEntity entity(long id) {
    return recipes.findById(id).orElseThrow(() -> ProblemException.unknown("recipe", id));
  }

  private Colourway colourwayEntity(long id) {
    return colourways.findById(id).orElseThrow(() -> ProblemException.unknown("colourway", id));
  }
}
