/**
 * What is done to pieces after they are dry.
 *
 * <p>May use: core finish.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.finish;
