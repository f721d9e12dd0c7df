/**
 * What is done to pieces after they are dry: scented wax, coats.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.finish;
