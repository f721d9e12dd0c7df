/**
 * Acts from the bench are done once, however often they arrive.
 *
 * <p>May use: http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.act;
