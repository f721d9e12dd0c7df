/**
 * Tables in and out: what would happen is shown row by row before it does, and nothing is half
 * done.
 *
 * <p>May use: http, mould, copy, cure.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.exchange;
