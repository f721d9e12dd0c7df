/**
 * Pages that are about several words at once: it reads across them and changes nothing.
 *
 * <p>May use: everything but setup and demo.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.read;
