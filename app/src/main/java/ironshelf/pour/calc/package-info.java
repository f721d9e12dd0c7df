/**
 * The bench's sums over HTTP, stateless.
 *
 * <p>May use: core piece, core pour, http, pour.script.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour.calc;
