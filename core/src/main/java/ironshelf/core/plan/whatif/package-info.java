/**
 * What more copies, people, hours or a warm place would do to a plan.
 *
 * <p>May use: plan, plan.schedule, plan.search, quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.whatif;
