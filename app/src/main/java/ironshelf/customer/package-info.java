/**
 * Who orders.
 *
 * <p>May use: core quantity, http, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.customer;
