/**
 * The shapes shipped: typical things of the five families, each described by a few measures that a
 * maker can take with a rule.
 *
 * <p>May use: quantity, mould.
 */
package ironshelf.core.mould.starting;
