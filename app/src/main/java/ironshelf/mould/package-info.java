/**
 * Moulds: designs, their kinds, what follows from their copies.
 *
 * <p>May use: access, copy, core mould, core quantity, http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.mould;
