/**
 * Moulds: designs, their kinds, what follows from their copies.
 *
 * <p>May use: http, copy, core mould.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.mould;
