/**
 * What to pour when, and what can be promised: schedules of casts over moulds, people and stations.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.plan;
