/**
 * What no schedule can go below, and orders in which moulds would be best used if nothing else
 * bound.
 *
 * <p>May use: plan, plan.resource.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.bound;
