/**
 * Orders, their lines, and the pieces allotted to them.
 *
 * <p>May use: act, http, customer, product, recipe, piece, workshop, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.order;
