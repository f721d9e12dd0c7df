/**
 * What the plan uses, against stock: what to buy and by when.
 *
 * <p>May use: access, core material, core pour, core recipe, material, mould, product, recipe,
 * route, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan.needs;
