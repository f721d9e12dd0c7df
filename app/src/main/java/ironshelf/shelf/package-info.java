/**
 * Where all that is between pour and ready stands, and taking it out of its mould.
 *
 * <p>May use: http, act, station, material, mould, copy, recipe, product, route, order, pour,
 * piece, cure.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.shelf;
