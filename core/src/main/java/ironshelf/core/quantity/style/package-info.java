/**
 * Quantities as a shop says them: in its own units, rounded for a reader.
 *
 * <p>May use: nothing of ours.
 */
package ironshelf.core.quantity.style;
