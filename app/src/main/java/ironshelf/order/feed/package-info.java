/**
 * Orders from a shop feed: new, changed, cancelled, sent twice, out of order.
 *
 * <p>May use: http, customer, product, recipe, standin, and orders.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.order.feed;
