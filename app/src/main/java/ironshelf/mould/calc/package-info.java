/**
 * The mould's sums over HTTP, stateless.
 *
 * <p>May use: http, core mould.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.mould.calc;
