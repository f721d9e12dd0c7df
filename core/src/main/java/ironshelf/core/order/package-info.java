/**
 * Which pieces go to which line.
 *
 * <p>May use: pour, quantity.
 */
package ironshelf.core.order;
