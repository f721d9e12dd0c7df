/**
 * Closed triangle meshes: reading them, proving them closed, cutting them into levels.
 *
 * <p>May use: mould.planar, mould.solid, quantity.
 */
package ironshelf.core.mould.mesh;
