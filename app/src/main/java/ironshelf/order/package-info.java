/**
 * Orders, their lines, and the pieces allotted to them.
 *
 * <p>May use: access, act, core order, core quantity, customer, http, order.allotment, order.line,
 * piece, product, recipe, store, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.order;
