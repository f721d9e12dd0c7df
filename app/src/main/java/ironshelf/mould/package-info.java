/**
 * Moulds, their copies and casts, and the mould sum over HTTP.
 *
 * <p>May use: http, core mould.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.mould;
