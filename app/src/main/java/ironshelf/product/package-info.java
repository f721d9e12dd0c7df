/**
 * What is sold.
 *
 * <p>May use: http, mould, recipe.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.product;
