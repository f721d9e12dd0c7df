/**
 * Temperatures of the shop, and when a casting may come out by them.
 *
 * <p>May use: core cure, core quantity, http, standin, station, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.cure;
