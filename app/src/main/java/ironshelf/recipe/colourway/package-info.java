/**
 * Colourways of a recipe, with the versions that past pours were made of.
 *
 * <p>May use: core quantity, http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.recipe.colourway;
