/**
 * What came of it: on time, moulds in use, scrap, margins.
 *
 * <p>May use: http, product, mould, copy, piece, pour, order, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.result;
