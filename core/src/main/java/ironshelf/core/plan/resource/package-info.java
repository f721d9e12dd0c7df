/**
 * What activities take over time: people, stations, mixers, copies of moulds; and a request turned
 * into numbers.
 *
 * <p>May use: plan.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.core.plan.resource;
