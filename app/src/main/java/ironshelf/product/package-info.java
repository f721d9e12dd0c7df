/**
 * What is sold.
 *
 * <p>May use: http, mould, recipe, route, store, core route, core assembly.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.product;
