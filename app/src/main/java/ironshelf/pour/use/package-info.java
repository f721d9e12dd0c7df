/**
 * Material use by piece: what really went in against what was asked, and what it cost.
 *
 * <p>May use: access, act, core material, core piece, core quantity, core recipe, core route, cure,
 * http, material, mould, piece, pour, pour.record, product, recipe, route, store, style, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour.use;
