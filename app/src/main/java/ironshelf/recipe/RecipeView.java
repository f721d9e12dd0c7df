package ironshelf.recipe;

import ironshelf.core.recipe.Addition;
import org.jspecify.annotations.Nullable;

/** A version of a recipe as others see it, without its ingredients. */
public record RecipeView(
    long id,
    String name,
    int versionNo,
    Addition addition,
    double workingMinAt20C,
    double mixMin,
    double demouldAgeH,
    @Nullable Double greenUntilAgeH,
    double sealAfterH) {}
