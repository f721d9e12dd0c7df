/**
 * One thing that came of a cast, with its mass and history.
 *
 * <p>May use: core cure, core piece, core quantity, core route, http, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.piece;
