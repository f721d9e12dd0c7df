/**
 * Photos of what was done and seen.
 *
 * <p>May use: http, piece.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.photo;
