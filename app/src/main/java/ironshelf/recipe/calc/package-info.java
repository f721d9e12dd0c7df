/**
 * Sums of a recipe before it is kept: batch, mix temperature and shade, over HTTP.
 *
 * <p>May use: core quantity, core recipe, http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.recipe.calc;
