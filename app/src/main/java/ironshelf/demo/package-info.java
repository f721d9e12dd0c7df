/**
 * The invented workshop that the application starts with.
 *
 * <p>May use: every word's service.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.demo;
