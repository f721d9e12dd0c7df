/**
 * The bench's sums over HTTP, stateless.
 *
 * <p>May use: http, core pour.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour.calc;
