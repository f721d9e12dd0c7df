/**
 * Looks for better plans than the first one: an order of lots, changed by a constraint solver,
 * judged by named rules on what the forward pass makes of it.
 *
 * <p>May use: quantity, plan.
 */
package ironshelf.core.plan.search;
