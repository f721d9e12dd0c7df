/**
 * The pour sheet and the pours that were made.
 *
 * <p>May use: act, copy, core cure, core material, core mould, core piece, core pour, core route,
 * cure, http, material, mould, order, piece, pour.record, product, recipe, route, store, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour;
