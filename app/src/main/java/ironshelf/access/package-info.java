/**
 * Who asks, what their role may do, and what it may see: the roles, the table of roles by operation
 * ({@code roles.csv}), and figures in money, which only an owner sees.
 *
 * <p>May use: core quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.access;
