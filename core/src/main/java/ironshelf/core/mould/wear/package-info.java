/**
 * How moulds wear: what their kind lasts, what a cast costs, whether a copy is worse than others.
 *
 * <p>May use: mould, quantity.
 */
package ironshelf.core.mould.wear;
