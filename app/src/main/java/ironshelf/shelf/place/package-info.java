/**
 * Where castings stand in their moulds, and what warmth would do for them.
 *
 * <p>May use: act, copy, core cure, core quantity, cure, http, pour, recipe, shelf.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.shelf.place;
