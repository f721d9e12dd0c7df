package ironshelf.recipe;

import static java.util.Objects.requireNonNull;

import ironshelf.core.material.Role;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.Recipe;
import ironshelf.http.problem.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.recipe.colourway.Colourway;
import ironshelf.recipe.colourway.ColourwayRepository;
import ironshelf.recipe.colourway.ColourwayRequest;
import ironshelf.recipe.colourway.ColourwayVersions;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
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

    /** The mix to plan and to price with, on a day too when its sand is too wet to weigh it. */
    public Mix weighable() {
      return new Mix(recipe.weighable(), materialIds);
    }

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
  private final ColourwayVersions versions;
  private final MaterialService materials;

  private final CachedRead<Map<Long, RecipeView>> allRecipes;

  private final Mixes mixes;
  private final CachedRead<Map<Long, ColourwayView>> allColourways;

  RecipeService(
      RecipeRepository recipes,
      ColourwayRepository colourways,
      ColourwayVersions versions,
      MaterialService materials,
      Mixes mixes,
      TableVersions changes) {
    this.recipes = recipes;
    this.colourways = colourways;
    this.versions = versions;
    this.materials = materials;
    this.mixes = mixes;
    this.allRecipes = changes.keep(this::readRecipes, "recipes");
    this.allColourways = changes.keep(this::readColourways, "colourways");
  }

  /** Keeps a new recipe. */
  public RecipeView add(NewRecipe recipe) {
    NewRecipe ready = ready(recipe, 0);
    return recipes.save(new RecipeEntity(ready, null, 1)).view();
  }

  /** Keeps a new version; the one before stays as it is, with the pours that used it. */
  public RecipeView addVersion(long id, int seenVersionNo, NewRecipe recipe) {
    long firstId = entity(id).firstId();
    RecipeEntity newest = recipes.versions(firstId).get(0);
    if (newest.versionNo() != seenVersionNo) {
      throw ProblemException.stale();
    }
    NewRecipe ready = ready(recipe, firstId);
    return recipes.save(new RecipeEntity(ready, firstId, seenVersionNo + 1)).view();
  }

  /** Its parts found, and proved to make a mix, so that nothing is kept that cannot be weighed. */
  private NewRecipe ready(NewRecipe wanted, long ownFirstId) {
    refuseTaken(wanted, ownFirstId);
    NewRecipe ready =
        wanted.withParts(
            wanted.parts().stream()
                .map(
                    p ->
                        p.material() == null
                            ? p
                            : new NewRecipe.RecipePart(
                                materials.adoptOnce(p.material()).id(),
                                requireNonNull(p.basis()),
                                p.amount()))
                .toList());
    Findings findings = new Findings();
    List<Ingredient> ingredients = new ArrayList<>();
    for (int i = 0; i < ready.parts().size(); i++) {
      NewRecipe.RecipePart part = ready.parts().get(i);
      MaterialView material = materials.byId(requireNonNull(part.materialId()));
      try {
        ingredients.add(Mixes.ingredient(material, requireNonNull(part.basis()), part.amount()));
      } catch (RefusedException e) {
        findings.add(
            new Finding(e.findings().get(0).code(), "parts." + i, e.findings().get(0).params()));
      }
    }
    findings.orRefuse();
    try {
      BatchSum.of(
          BatchRequest.ofOneLitre(
              new Recipe(
                  ingredients,
                  ready.airPercent(),
                  ready.yieldFactor(),
                  ready.workingMinAt20C(),
                  ready.water(),
                  ready.batchYieldL())));
    } catch (RefusedException e) {
      throw new RefusedException(
          e.findings().stream()
              .map(
                  f -> new Finding(f.code(), f.field().replace("ingredients", "parts"), f.params()))
              .toList());
    }
    return ready;
  }

  private void refuseTaken(NewRecipe wanted, long ownFirstId) {
    if (recipes.findByNameOrderByVersionNoDesc(wanted.name().strip()).stream()
        .anyMatch(other -> other.firstId() != ownFirstId)) {
      throw ProblemException.conflict(
          "name.taken", Map.of("what", "recipe", "value", wanted.name()));
    }
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
    if (colourways.findByRecipeIdOrderById(colourway.view().recipeId()).stream()
        .anyMatch(c -> c.id() != id && c.view().name().equalsIgnoreCase(wanted.name().strip()))) {
      throw ProblemException.conflict(
          "name.taken", Map.of("what", "colourway", "value", wanted.name()));
    }
    ColourwayView was = colourway.view();
    if (wanted.isSame(was)) {
      return was;
    }
    versions.keep(was);
    colourway.change(wanted.name().strip(), wanted.swatch(), wanted.waterOffsetPercent());
    // The doses of before must be gone before others take their places.
    colourways.flush();
    dose(colourway, wanted);
    return colourways.saveAndFlush(colourway).view();
  }

  private void dose(Colourway colourway, ColourwayRequest wanted) {
    for (ColourwayRequest.DoseRequest dose : wanted.doses()) {
      MaterialView pigment = materials.byId(requireNonNull(dose.materialId()));
      if (pigment.role() != Role.PIGMENT) {
        throw ProblemException.conflict("colourway.noPigment", Map.of("material", pigment.name()));
      }
      colourway.dose(pigment.id(), dose.percentOfBinder());
    }
  }

  @Transactional(readOnly = true)
  public RecipeView recipe(long id) {
    return entity(id).view();
  }

  /** The newest version of the recipe of that name. */
  @Transactional(readOnly = true)
  public Optional<RecipeView> byName(String name) {
    return recipes.findByNameOrderByVersionNoDesc(name.strip()).stream()
        .findFirst()
        .map(r -> latest(r.firstId()));
  }

  /** The newest version of a recipe. */
  @Transactional(readOnly = true)
  public RecipeView latest(long firstId) {
    RecipeView latest = allLatest().get(firstId);
    if (latest == null) {
      throw ProblemException.unknown("recipe", firstId);
    }
    return latest;
  }

  /** All versions by their ids. */
  @Transactional(readOnly = true)
  public Map<Long, RecipeView> allRecipes() {
    return allRecipes.get();
  }

  private Map<Long, RecipeView> readRecipes() {
    Map<Long, RecipeView> all = new LinkedHashMap<>();
    recipes.findAll().forEach(r -> all.put(r.id(), r.view()));
    return Collections.unmodifiableMap(all);
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
    return allColourways.get();
  }

  private Map<Long, ColourwayView> readColourways() {
    Map<Long, ColourwayView> all = new LinkedHashMap<>();
    colourways.findAll().forEach(c -> all.put(c.id(), c.view()));
    return Collections.unmodifiableMap(all);
  }

  @Transactional(readOnly = true)
  public List<ColourwayView> colourwaysOf(long recipeId) {
    return allColourways().values().stream()
        .filter(c -> c.recipeId() == recipeId)
        .sorted(Comparator.comparingLong(ColourwayView::id))
        .toList();
  }

  /** The mix of one layer of a product. */
  @Transactional(readOnly = true)
  public Mix mix(long recipeId, @Nullable Long colourwayId, boolean withoutFibre) {
    Mix whole = mix(recipeId, colourwayId);
    return withoutFibre ? whole.withoutFibre() : whole;
  }

  /**
   * A version of a recipe, with the densities that its materials have today.
   *
   * @param colourwayId null for the recipe without pigment
   */
  @Transactional(readOnly = true)
  public Mix mix(long recipeId, @Nullable Long colourwayId) {
    return mixes.of(recipeId, colourwayId);
  }

  private RecipeEntity entity(long id) {
    return recipes.findById(id).orElseThrow(() -> ProblemException.unknown("recipe", id));
  }

  private Colourway colourwayEntity(long id) {
    return colourways.findById(id).orElseThrow(() -> ProblemException.unknown("colourway", id));
  }
}
