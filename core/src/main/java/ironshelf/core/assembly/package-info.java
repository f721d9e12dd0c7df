/**
 * Pieces made of pieces: what has to be made for so many of them, from when on, and what they weigh
 * and take.
 *
 * <p>May use: quantity, route.
 */
package ironshelf.core.assembly;
