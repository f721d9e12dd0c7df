/**
 * The shop's stamps, and lines of letters planned from them.
 *
 * <p>May use: core lettering, core quantity, http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.lettering;
