/**
 * Who orders.
 *
 * <p>May use: http, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.customer;
