/**
 * Builds schedules: lays activities on resources in an order of jobs.
 *
 * <p>May use: quantity, plan, plan resource, plan bound.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.schedule;
