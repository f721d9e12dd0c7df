/**
 * What others are told of an order line: how far it is, what is to pour, when it is due.
 *
 * <p>May use: access.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.order.line;
