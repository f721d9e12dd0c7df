/**
 * Which pieces are allotted to which order line.
 *
 * <p>May use: nothing of ours.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.order.allotment;
