/**
 * What printers take: sheets, and text that every reader can show.
 *
 * <p>May use: nothing here.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.print;
