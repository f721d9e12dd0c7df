/**
 * The pour sheet on paper, with room to write what really went in, for a bench without a screen.
 *
 * <p>May use: pour, print, style.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour.paper;
