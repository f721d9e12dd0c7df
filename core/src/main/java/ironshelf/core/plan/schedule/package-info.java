/**
 * Builds schedules: places the activities of jobs on resources, in the order of the jobs.
 *
 * <p>May use: plan, plan.bound, plan.resource, quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.schedule;
