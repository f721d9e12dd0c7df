/**
 * Tables as files, in and out.
 *
 * <p>May use: http.problem.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.http.table;
