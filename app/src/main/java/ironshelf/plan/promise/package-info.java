/**
 * The dates that can be given.
 *
 * <p>May use: access, copy, core plan, core quantity, http, mould, order, plan, product, recipe,
 * station.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan.promise;
