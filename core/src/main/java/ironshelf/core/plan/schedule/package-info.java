/**
 * Builds schedules: lays activities on resources in an order of jobs.
 *
 * <p>May use: plan, plan.bound, plan.resource, quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.schedule;
