/**
 * Looking at pieces: grade, defects and where they are, photos, likely causes, what is to be
 * mended.
 *
 * <p>May use: http, act, material, copy, mould, recipe, product, route, piece, pour, shelf, cure.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.inspect;
