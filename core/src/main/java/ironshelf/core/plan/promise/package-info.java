/**
 * The earliest date for an additional order beside an existing plan, and how often dates are kept.
 *
 * <p>May use: plan, plan.schedule, quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.promise;
