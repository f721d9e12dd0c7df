/**
 * One thing that came of a cast, with its mass and history.
 *
 * <p>May use: store, http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.piece;
