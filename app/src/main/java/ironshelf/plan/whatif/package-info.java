/**
 * What more copies, people, hours or a tent would do to the plan, and making the shop so.
 *
 * <p>May use: access, act, copy, core cure, core plan, core quantity, core route, http, mould,
 * order, plan, plan.basis, product, route, station, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan.whatif;
