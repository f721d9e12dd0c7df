/**
 * Tells every screen what has changed, so that none has to ask again and again.
 *
 * <p>May use: act, http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.changes;
