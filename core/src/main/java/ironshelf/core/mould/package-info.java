/**
 * What a mould holds, how thin its wall may become, and what keeps its core down.
 *
 * <p>May use: quantity; of its own: solid, planar.
 */
package ironshelf.core.mould;
