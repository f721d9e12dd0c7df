/**
 * Temperatures of the shop, and when a casting may come out by them.
 *
 * <p>May use: http, workshop, station, standin, core cure.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.cure;
