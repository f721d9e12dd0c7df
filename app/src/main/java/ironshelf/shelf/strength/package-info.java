/**
 * How strong a piece is by its own temperatures, and what the shop's marks say of a demould age.
 *
 * <p>May use: core cure, core route, cure, http, piece, pour, recipe, route, shelf.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.shelf.strength;
