/**
 * Where all that is between pour and ready stands, and taking it out of its mould.
 *
 * <p>May use: act, copy, core cure, core mould, core quantity, core route, cure, http, material,
 * mould, order, piece, pour, product, recipe, route, station, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.shelf;
