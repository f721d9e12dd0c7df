/**
 * What more copies, people, hours or a tent would do to the plan, and making the shop so.
 *
 * <p>May use: act, copy, http, mould, order, product, route, station, workshop, and the plan.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan.whatif;
