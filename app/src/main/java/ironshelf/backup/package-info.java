/**
 * Backups that are made by themselves and when asked for, going back to one, and whether the data
 * is in order.
 *
 * <p>May use: folder, http, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.backup;
