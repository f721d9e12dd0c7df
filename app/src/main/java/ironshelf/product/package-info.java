/**
 * What is sold.
 *
 * <p>May use: http, mould, recipe, route, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.product;
