/**
 * What printers take: sheets, and text in the application's own typefaces, embedded.
 *
 * <p>May use: core quantity, style.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.print;
