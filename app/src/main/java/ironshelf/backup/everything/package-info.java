/**
 * All that a shop keeps, as an archive of tables and pictures that is read without this program
 * (docs/everything.md), and a database made of such an archive again.
 *
 * <p>May use: folder, http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.backup.everything;
