/**
 * The shapes that cavities, cores and inserts have.
 *
 * <p>May use: quantity, planar.
 */
package ironshelf.core.mould.solid;
