/**
 * Where castings stand in their moulds, and what warmth would do for them.
 *
 * <p>May use: http, act, copy, pour, recipe, cure, shelf.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.shelf.place;
