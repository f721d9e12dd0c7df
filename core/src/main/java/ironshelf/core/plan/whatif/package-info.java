/**
 * A shop that is not as it is: what more copies, people, hours or a warm place would do to a plan.
 *
 * <p>May use: plan, plan.schedule, plan.search, quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.whatif;
