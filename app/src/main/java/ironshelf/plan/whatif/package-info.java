/**
 * What more copies, people or hours would do to the plan.
 *
 * <p>May use: http, mould, order, and the plan.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan.whatif;
