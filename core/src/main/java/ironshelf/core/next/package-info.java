/**
 * What to do next, and how much of it one person can do by a moment.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.next;
