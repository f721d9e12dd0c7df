/**
 * Plane figures: the level cuts through solids, outlines with arcs, ready outlines, SVG paths.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.mould.planar;
