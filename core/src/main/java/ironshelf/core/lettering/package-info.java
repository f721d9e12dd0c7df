/**
 * Letters stamped into a face: where each stands on any outline, from the stamps of a set.
 *
 * <p>May use: mould, quantity.
 */
package ironshelf.core.lettering;
