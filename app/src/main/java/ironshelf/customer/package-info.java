/**
 * Who orders.
 *
 * <p>May use: http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.customer;
