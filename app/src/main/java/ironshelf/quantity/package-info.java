/**
 * Reads quantities as people type them.
 *
 * <p>May use: http, workshop, core quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.quantity;
