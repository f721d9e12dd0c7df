/**
 * Places where pieces take up room while they wait or are worked on: bath, boards, bench, tent.
 *
 * <p>May use: core quantity, http, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.station;
