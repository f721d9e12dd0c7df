/**
 * What is sold.
 *
 * <p>May use: http, mould, recipe, route.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.product;
