/**
 * The shop's stamps, and lines of letters planned from them.
 *
 * <p>May use: http, store, core lettering.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.lettering;
