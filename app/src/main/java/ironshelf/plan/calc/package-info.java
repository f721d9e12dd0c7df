/**
 * Plans and promises, stateless.
 *
 * <p>May use: core plan, core quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan.calc;
