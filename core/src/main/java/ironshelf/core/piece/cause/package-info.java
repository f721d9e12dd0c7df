/**
 * Why a piece failed: what is seen, its likely causes, and what of the piece's own facts speaks for
 * each.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.piece.cause;
