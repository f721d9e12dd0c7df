/**
 * What to pour when, and what can be promised: casts laid out over moulds, hands and stations.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.plan;
