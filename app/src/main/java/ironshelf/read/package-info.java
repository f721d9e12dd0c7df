/**
 * Pages that are about several words at once: it reads across them and changes nothing.
 *
 * <p>May use: access, copy, core material, core mould, core piece, core plan, core quantity, core
 * recipe, core route, customer, http, material, mould, order, piece, plan, pour, product, recipe,
 * route, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.read;
