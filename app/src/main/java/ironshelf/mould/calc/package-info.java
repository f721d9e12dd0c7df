/**
 * The mould's sums over HTTP, stateless.
 *
 * <p>May use: core mould, core quantity, http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.mould.calc;
