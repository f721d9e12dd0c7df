/**
 * The pour sheet on paper, with room to write what really went in, for a bench without a screen.
 *
 * <p>May use: copy, core material, core quantity, core recipe, http, pour.sheet, print, product,
 * recipe, style.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour.paper;
