/**
 * The recipes and colours shipped with the application.
 *
 * <p>May use: material, quantity, recipe.
 */
package ironshelf.core.recipe.starting;
