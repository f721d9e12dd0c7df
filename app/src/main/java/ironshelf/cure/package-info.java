/**
 * When a casting may come out.
 *
 * <p>May use: http, core cure.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.cure;
