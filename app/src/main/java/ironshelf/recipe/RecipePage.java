package ironshelf.recipe;

import ironshelf.access.Money;
import ironshelf.http.problem.FindingView;
import ironshelf.recipe.colourway.ColourwayView;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A version of a recipe with all that follows from it.
 *
 * @param latest whether no newer version is there
 * @param kept what of it can be changed
 * @param dryKgM3 what a cubic metre of it has of all that is not water
 * @param costPerL at today's prices, without pigment; null where a price is missing
 * @param lackPrice materials whose price is not known
 * @param dosing of each colourway, in the same order
 */
public record RecipePage(
    RecipeView recipe,
    boolean latest,
    NewRecipe kept,
    List<LitreLine> lines,
    double freshDensityKgM3,
    double dryKgM3,
    double waterBinderRatio,
    @Money @Nullable BigDecimal costPerL,
    List<String> lackPrice,
    List<ColourwayView> colourways,
    List<Dosing> dosing,
    List<RecipeVersion> versions,
    List<FindingView> warnings) {

  /** One ingredient of a litre. */
  public record LitreLine(
      long materialId,
      String material,
      double massKg,
      @Nullable Double scoopL,
      @Money @Nullable BigDecimal cost) {}

  /**
   * What a colourway does to the mix.
   *
   * @param pigmentPercent of the cement, that of the recipe itself included
   * @param spoonsABag level spoons to a bag of the binder, dose by dose; null where a spoon or a
   *     bag was not weighed
   * @param warnings what to mind, or why it cannot be mixed
   */
  public record Dosing(
      double pigmentPercent, List<@Nullable Double> spoonsABag, List<FindingView> warnings) {}

  /** Another version of the same recipe. */
  public record RecipeVersion(long id, int versionNo) {}
}
