/**
 * When a piece may move on: maturity along a temperature history, strength, the demould gate.
 *
 * <p>May use: cure.binder, cure.temperature, quantity.
 */
package ironshelf.core.cure;
