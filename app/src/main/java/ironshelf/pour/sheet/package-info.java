/**
 * The pour sheet: what is asked for, what is weighed out for it, and what speaks against it.
 *
 * <p>May use: copy, core cure, core material, core mould, core pour, core quantity, core recipe,
 * core route, cure, http, material, mould, pour, pour.record, product, recipe, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour.sheet;
