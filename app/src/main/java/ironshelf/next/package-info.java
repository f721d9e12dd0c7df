/**
 * What to do next in the shop: steps that are due, pours of the plan, and washing.
 *
 * <p>May use: core next, plan, shelf.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.next;
