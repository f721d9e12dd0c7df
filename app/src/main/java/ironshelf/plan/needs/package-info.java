/**
 * What the plan uses, against stock: what to buy and by when.
 *
 * <p>May use: http, material, mould, product, recipe, route, workshop, and of the plan its casts.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan.needs;
