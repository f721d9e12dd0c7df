/**
 * When more can be had beside a plan that there is.
 *
 * <p>May use: plan, plan.schedule, quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.promise;
