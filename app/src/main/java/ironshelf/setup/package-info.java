/**
 * The way from an empty shop to its first product: shapes to choose from, what a choice comes to,
 * and everything that it takes kept in one act.
 *
 * <p>May use: act, copy, core material, core mould, core pour, core quantity, core recipe, core
 * route, http, material, mould, product, recipe, route, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.setup;
