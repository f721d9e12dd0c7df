/**
 * What a mould holds, how thin its wall may become, and what keeps its core down.
 *
 * <p>May use: mould.planar, mould.solid, quantity.
 */
package ironshelf.core.mould;
