/**
 * How pieces are packed into parcels.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.dispatch;
