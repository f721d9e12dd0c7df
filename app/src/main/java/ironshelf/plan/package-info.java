/**
 * What to pour when: the plan that was made from the shop's facts, its changes, and promises.
 *
 * <p>May use: act, copy, core cure, core material, core plan, core quantity, http, material, mould,
 * order, plan.basis, plan.needs, product, recipe, route, station, store, style, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan;
