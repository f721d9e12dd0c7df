/**
 * Looking at pieces: grade, defects and where they are, photos, likely causes, what is to be
 * mended.
 *
 * <p>May use: act, core cure, core material, core mould, core piece, core pour, core quantity, core
 * recipe, core route, cure, http, material, mould, piece, pour, product, recipe, route, shelf.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.inspect;
