/**
 * The dates that can be given.
 *
 * <p>May use: http, mould, order, product, station, and the plan.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.plan.promise;
