/**
 * What to pour when: the plan as it was laid out from the shop's facts, its changes, and promises.
 *
 * <p>May use: act, copy, core cure, core material, core plan, core pour, core quantity, core
 * recipe, core route, cure, http, material, mould, order, piece, plan.needs, pour, product, recipe,
 * route, shelf, station, store, style, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan;
