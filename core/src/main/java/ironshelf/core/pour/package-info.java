/**
 * At the bench: what to weigh for copies of one or several moulds, layer by layer and batch by
 * batch, where what is left goes, what the scale must show.
 *
 * <p>May use: quantity, recipe.
 */
package ironshelf.core.pour;
