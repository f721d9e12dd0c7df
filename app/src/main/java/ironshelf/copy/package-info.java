/**
 * Physical moulds and their casts: what each holds, what was done to it, what came of it.
 *
 * <p>May use: access, core cure, core mould, core quantity, http, piece, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.copy;
