/**
 * The shapes that cavities, cores and inserts have.
 *
 * <p>May use: mould.planar, quantity.
 */
package ironshelf.core.mould.solid;
