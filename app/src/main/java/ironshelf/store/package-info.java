/**
 * How records meet the database: names of columns, JSON columns.
 *
 * <p>May use: http's JSON.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.store;
