/**
 * The data folder that is open, and the way to the other one: from an own shop to the demo, and
 * back.
 *
 * <p>May use: http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.folder;
