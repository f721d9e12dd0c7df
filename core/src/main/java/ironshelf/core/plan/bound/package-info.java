/**
 * Lower bounds on the lateness of schedules, and the best sequences of moulds where nothing else is
 * scarce.
 *
 * <p>May use: plan, plan.resource.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.bound;
