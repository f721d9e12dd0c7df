/**
 * Plane figures: the level cuts through solids, outlines with arcs, ready outlines, SVG paths.
 *
 * <p>May use: quantity, the planar geometry library.
 */
package ironshelf.core.mould.planar;
