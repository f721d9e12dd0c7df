/**
 * A product's ordered steps with their gates, and where a piece stands that has gone so far.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.route;
