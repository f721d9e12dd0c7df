/**
 * Closed triangle meshes: reading them, proving them closed, cutting them into levels.
 *
 * <p>May use: quantity, planar, solid.
 */
package ironshelf.core.mould.mesh;
