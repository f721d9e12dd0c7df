/**
 * Quantities as a shop says them: in its own units, rounded for a reader.
 *
 * <p>May use: nothing of the project. Nothing inside is computed from what is said here.
 */
package ironshelf.core.quantity.style;
