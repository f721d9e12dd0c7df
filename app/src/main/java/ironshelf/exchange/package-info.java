/**
 * Tables in and out: what would happen is shown row by row before it does, and nothing is half
 * done.
 *
 * <p>May use: copy, core cure, core quantity, cure, customer, http, mould, order.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.exchange;
