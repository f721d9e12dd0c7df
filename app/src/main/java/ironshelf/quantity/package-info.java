/**
 * Reads quantities as people type them.
 *
 * <p>May use: core quantity, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.quantity;
