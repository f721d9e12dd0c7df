/**
 * Pieces made of pieces, reckoned without keeping anything.
 *
 * <p>May use: core assembly, core quantity, core route, route.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.assembly;
