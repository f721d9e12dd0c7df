package ironshelf.recipe;

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
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Recipes and their colourways. */
@Service
@Transactional
public class RecipeService {

  /** A recipe ready for the batch sum, with the material that each ingredient is taken from. */
  public record Mix(Recipe recipe, List<Long> materialIds) {}

  private final RecipeRepository recipes;
  private final ColourwayRepository colourways;
  private final MaterialService materials;

  RecipeService(
      RecipeRepository recipes, ColourwayRepository colourways, MaterialService materials) {
    this.recipes = recipes;
    this.colourways = colourways;
    this.materials = materials;
  }

  public RecipeView add(NewRecipe recipe) {
    return recipes.save(new RecipeEntity(recipe)).view();
  }

  /** Adds a colourway; the doses are percent of binder by material. */
  public ColourwayView addColourway(
      long recipeId,
      String name,
      String swatch,
      double waterOffsetPercent,
      Map<Long, Double> doses) {
    Colourway colourway = new Colourway(recipeId, name, swatch, waterOffsetPercent);
    doses.forEach(colourway::dose);
    return colourways.save(colourway).view();
  }

  @Transactional(readOnly = true)
  public RecipeView recipe(long id) {
    return entity(id).view();
  }

  @Transactional(readOnly = true)
  public Map<Long, RecipeView> allRecipes() {
    Map<Long, RecipeView> all = new LinkedHashMap<>();
    recipes.findAll().forEach(r -> all.put(r.id(), r.view()));
    return all;
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

  /** The recipe in a colourway, with the densities that its materials have today. */
  @Transactional(readOnly = true)
  public Mix mix(long recipeId, long colourwayId) {
    RecipeEntity recipe = entity(recipeId);
    Colourway colourway = colourwayEntity(colourwayId);
    List<Long> materialIds =
        Stream.concat(
                recipe.ingredients().stream().map(RecipeIngredient::materialId),
                colourway.pigments().stream().map(ColourwayPigment::materialId))
            .toList();
    Map<Long, MaterialView> byId = materials.byIds(materialIds);
    List<Ingredient> base = new ArrayList<>();
    for (RecipeIngredient i : recipe.ingredients()) {
      base.add(ingredient(byId.get(i.materialId()), i.basis(), i.amount()));
    }
    List<Ingredient> pigments = new ArrayList<>();
    for (ColourwayPigment p : colourway.pigments()) {
      pigments.add(
          ingredient(byId.get(p.materialId()), Basis.PERCENT_OF_BINDER, p.percentOfBinder()));
    }
    RecipeView view = recipe.view();
    Recipe plain =
        new Recipe(
            base,
            recipe.airPercent(),
            recipe.yieldFactor(),
            view.workingMinAt20C(),
            recipe.water());
    return new Mix(plain.inColourway(pigments, colourway.waterOffsetPercent()), materialIds);
  }

  private static Ingredient ingredient(MaterialView material, Basis basis, double amount) {
    return new Ingredient(
        material.name(),
        material.role(),
        basis,
        amount,
        material.relativeDensity(),
        material.bulkDensityKgM3(),
        0,
        0,
        material.packKg());
  }

  private RecipeEntity entity(long id) {
    return recipes.findById(id).orElseThrow(() -> ProblemException.unknown("recipe", id));
  }

  private Colourway colourwayEntity(long id) {
    return colourways.findById(id).orElseThrow(() -> ProblemException.unknown("colourway", id));
  }
}
