package ironshelf.recipe;

import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.WaterWindow;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A recipe to be kept, at its first version. */
public record NewRecipe(
    String name,
    Addition addition,
    double airPercent,
    double workingMinAt20C,
    double mixMin,
    WaterWindow water,
    double demouldAgeH,
    @Nullable Double greenUntilAgeH,
    double sealAfterH,
    List<Part> parts) {

  /** An ingredient and its amount. */
  public record Part(long materialId, Basis basis, double amount) {}
}
