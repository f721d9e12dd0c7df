/**
 * How records meet the database: names of columns, and documents in JSON columns with their
 * versions, and word of what a commit changed. What cannot be read is told by the name of its row.
 *
 * <p>May use: act, core quantity, http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.store;
