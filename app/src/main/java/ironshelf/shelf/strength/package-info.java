/**
 * How strong a piece is by its own temperatures, and what the shop's marks say of a demould age.
 *
 * <p>May use: http, copy, piece, pour, product, recipe, route, cure.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.shelf.strength;
