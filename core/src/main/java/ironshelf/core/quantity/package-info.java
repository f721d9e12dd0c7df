/**
 * Quantities as people type them, and what may be said of a bad one.
 *
 * <p>Inside, every value is in the unit its name ends with: kg, litre, mm, m2, degrees C, hours or
 * minutes. May use: nothing of the project.
 *
 * <p>May use: nothing of ours.
 */
package ironshelf.core.quantity;
