/**
 * What is sold.
 *
 * <p>May use: http, material, mould, recipe, route, store, core route, core assembly, core recipe,
 * core finish.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.product;
