/**
 * What is bought and used up: its role in a mix, its densities, and the starting values shipped.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.material;
