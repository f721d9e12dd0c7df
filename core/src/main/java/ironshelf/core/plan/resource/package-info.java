/**
 * Resources over time (people, stations, mixers, copies of moulds), the activities that use them,
 * and a request as numbers.
 *
 * <p>May use: plan.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.resource;
