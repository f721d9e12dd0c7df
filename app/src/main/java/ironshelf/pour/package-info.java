/**
 * The pour sheet and the pours that were made.
 *
 * <p>May use: access, act, copy, core cure, core material, core mould, core piece, core pour, core
 * quantity, core recipe, core route, cure, http, material, mould, order, piece, product, recipe,
 * route, store, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour;
