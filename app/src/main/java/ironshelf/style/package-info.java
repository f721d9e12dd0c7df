/**
 * How the shop writes quantities, money and times, and the one place that writes them so.
 *
 * <p>May use: core quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.style;
