/**
 * What a plan starts from: orders, copies, people, materials and pours that are under way.
 *
 * <p>May use: copy, core cure, core material, core plan, core pour, core recipe, core route, cure,
 * http, material, mould, order, piece, plan.needs, pour, product, recipe, route, shelf, station,
 * workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan.basis;
