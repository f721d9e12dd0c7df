/**
 * Recipes and colourways, and the batch sum over HTTP.
 *
 * <p>May use: http, material, core recipe, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.recipe;
