/**
 * The dates that can be given.
 *
 * <p>May use: access, act, copy, core cure, core plan, core quantity, cure, http, mould, order,
 * piece, plan, plan.basis, product, recipe, station, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan.promise;
