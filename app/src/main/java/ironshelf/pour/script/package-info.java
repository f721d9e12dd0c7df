/**
 * Pours at the benches, while they go on: their sheets, their facts, and what follows from them for
 * stock, copies and pieces.
 *
 * <p>May use: http, act, copy, material, mould, product, order, pour, core pour.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour.script;
