/**
 * What pours and steps take from stock, and at which price.
 *
 * <p>May use: http, material, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.material.consumption;
