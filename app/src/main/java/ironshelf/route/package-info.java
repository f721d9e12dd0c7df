/**
 * Products' routes, which are never edited: a change is a new one, and pieces keep the one they go.
 *
 * <p>May use: core quantity, core route, http, station, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.route;
