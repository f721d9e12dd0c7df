/**
 * A pour as it really goes: the sheet that says what is meant, the facts that say what happened,
 * and the state that follows from both. Method: docs/method/pour.md.
 *
 * <p>May use: material, pour, quantity, recipe.
 */
package ironshelf.core.pour.script;
