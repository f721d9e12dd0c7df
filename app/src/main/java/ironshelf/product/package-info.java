/**
 * What is sold.
 *
 * <p>May use: access, core assembly, core finish, core piece, core pour, core quantity, core
 * recipe, core route, http, material, mould, recipe, route, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.product;
