package ironshelf.recipe;

import static java.util.Objects.requireNonNullElse;

import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.Recipe;
import ironshelf.http.problem.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.recipe.colourway.ColourwayRepository;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Recipes in their colourways, with the densities that their materials have today. */
@Component
class Mixes {

  private final RecipeRepository recipes;
  private final ColourwayRepository colourways;
  private final MaterialService materials;

  /** By the recipe and the colourway, once they were asked for. */
  private final CachedRead<Map<List<Long>, RecipeService.Mix>> known;

  Mixes(
      RecipeRepository recipes,
      ColourwayRepository colourways,
      MaterialService materials,
      TableVersions changes) {
    this.recipes = recipes;
    this.colourways = colourways;
    this.materials = materials;
    this.known = changes.keep(ConcurrentHashMap::new, "recipes", "colourways", "materials");
  }

  /**
   * @param colourwayId null for the recipe without pigment
   */
  RecipeService.Mix of(long recipeId, @Nullable Long colourwayId) {
    return known
        .get()
        .computeIfAbsent(
            List.of(recipeId, requireNonNullElse(colourwayId, 0L)),
            ids -> read(recipeId, colourwayId));
  }

  private RecipeService.Mix read(long recipeId, @Nullable Long colourwayId) {
    RecipeEntity recipe =
        recipes.findById(recipeId).orElseThrow(() -> ProblemException.unknown("recipe", recipeId));
    ColourwayView colourway =
        colourwayId == null
            ? null
            : colourways
                .findById(colourwayId)
                .orElseThrow(() -> ProblemException.unknown("colourway", colourwayId))
                .view();
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
    return new RecipeService.Mix(plain.inColourway(pigments, offset), materialIds);
  }

  static Ingredient ingredient(MaterialView material, Basis basis, double amount) {
    return new Ingredient(
        material.name(),
        material.role(),
        basis,
        amount,
        material.relativeDensity(),
        material.bulkDensityKgM3(),
        material.moisturePercent(),
        material.absorptionPercent(),
        material.packKg(),
        material.cementPercent(),
        material.solidsPercent(),
        material.largestGrainMm());
  }
}
