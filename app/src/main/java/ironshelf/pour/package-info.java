/**
 * The pour sheet and the pours that were made.
 *
 * <p>May use: store, http, act, workshop, material, recipe, mould, product, route, order, piece,
 * cure.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour;
