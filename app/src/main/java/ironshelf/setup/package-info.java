/**
 * The way from an empty shop to its first product: shapes to choose from, what a choice comes to,
 * and everything that it takes kept in one act.
 *
 * <p>May use: http, workshop, material, recipe, mould, copy, product, route.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.setup;
