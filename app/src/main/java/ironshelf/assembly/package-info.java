/**
 * Pieces made of pieces, reckoned without keeping anything.
 *
 * <p>May use: route, core assembly, core route.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.assembly;
