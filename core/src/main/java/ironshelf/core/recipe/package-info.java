/**
 * What to weigh: a recipe's ingredients, the absolute-volume sum, the working time, the batches.
 *
 * <p>May use: material, quantity.
 */
package ironshelf.core.recipe;
