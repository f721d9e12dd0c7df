/**
 * Material use by piece: what really went in against what was asked, and what it cost.
 *
 * <p>May use: http, act, workshop, material, mould, product, piece, recipe, pour, core piece,
 * store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour.use;
