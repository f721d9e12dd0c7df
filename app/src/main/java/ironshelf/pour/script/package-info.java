/**
 * Pours at the benches, while they go on: their sheets, their facts, and what follows from them for
 * stock, copies and pieces.
 *
 * <p>May use: access, act, copy, core mould, core pour, core quantity, http, material, mould,
 * order, pour, pour.sheet, product, recipe, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour.script;
