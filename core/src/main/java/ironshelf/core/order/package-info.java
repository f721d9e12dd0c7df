/**
 * Which pieces go to which line.
 *
 * <p>May use: quantity, pour.
 */
package ironshelf.core.order;
