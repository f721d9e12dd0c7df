/**
 * When more can be had beside a plan that there is.
 *
 * <p>May use: quantity, plan, plan schedule.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.promise;
