/**
 * What goes out, and what comes back: picking, packing, parcels, slips.
 *
 * <p>May use: access, act, core dispatch, core finish, core quantity, customer, http, material,
 * mould, order, piece, print, product, recipe, standin, style, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.dispatch;
