/**
 * What a piece took and what it cost.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.piece;
