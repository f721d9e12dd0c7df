/**
 * Orders from a shop feed: new, changed, cancelled, sent twice, out of order.
 *
 * <p>May use: core quantity, customer, http, order, order.line, standin.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.order.feed;
