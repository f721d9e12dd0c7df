/**
 * Searches for better plans by changing the list of jobs that a schedule is built from.
 *
 * <p>May use: plan, plan.resource, plan.schedule.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.search;
