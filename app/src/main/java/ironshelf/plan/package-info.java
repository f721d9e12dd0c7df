/**
 * What to pour when: the plan as it was laid out from the shop's facts, its changes, and promises.
 *
 * <p>May use: http, act, style, workshop, station, mould, copy, recipe, product, route, piece,
 * cure, order, pour, shelf, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan;
