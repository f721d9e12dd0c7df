/**
 * The shapes shipped: typical things of the five families, each described by a few measures that a
 * maker can take with a rule.
 *
 * <p>May use: mould, mould.planar, mould.solid, quantity.
 */
package ironshelf.core.mould.starting;
