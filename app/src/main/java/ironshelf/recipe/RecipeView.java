package ironshelf.recipe;

import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.Placement;
import org.jspecify.annotations.Nullable;

/**
 * A version of a recipe as others see it, without its ingredients.
 *
 * @param firstId the id of its first version, by which all versions and colourways belong together
 * @param strength28Mpa promised at 28 days; null where none is
 */
public record RecipeView(
    long id,
    long firstId,
    String name,
    int versionNo,
    @Nullable String school,
    @Nullable String placing,
    Placement placement,
    @Nullable String caution,
    @Nullable String strengthClass,
    Addition addition,
    double workingMinAt20C,
    double mixMin,
    double demouldAgeH,
    @Nullable Double greenUntilAgeH,
    double sealAfterH,
    double retention,
    @Nullable Double strength28Mpa) {}
