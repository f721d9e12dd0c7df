/**
 * What came of it: on time, moulds in use, scrap, margins.
 *
 * <p>May use: access, copy, core quantity, http, mould, order, piece, pour, product, store, style.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.result;
