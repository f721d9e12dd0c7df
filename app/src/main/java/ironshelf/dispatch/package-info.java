/**
 * What goes out, and what comes back: picking, packing, parcels, slips.
 *
 * <p>May use: act, http, print, style, workshop, material, mould, product, recipe, piece, customer,
 * order, standin.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.dispatch;
