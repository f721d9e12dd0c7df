/**
 * Physical moulds and their casts: what each holds, what was done to it, what came of it.
 *
 * <p>May use: http, act, piece, core mould, core cure, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.copy;
