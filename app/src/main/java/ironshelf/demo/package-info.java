/**
 * The invented workshop that the application starts with.
 *
 * <p>May use: copy, core cure, core mould, core piece, core plan, core quantity, core recipe, core
 * route, cure, customer, dispatch, inspect, material, mould, order, piece, plan, pour, product,
 * recipe, shelf, style, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.demo;
