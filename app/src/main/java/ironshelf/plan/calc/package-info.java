/**
 * Plans and promises, stateless.
 *
 * <p>May use: http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan.calc;
