/**
 * Recipes and colourways, and the batch sum over HTTP.
 *
 * <p>May use: access, core cure, core material, core quantity, core recipe, http, material,
 * recipe.colourway, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.recipe;
