/**
 * The shop's people: who may sign in, with a password or, on a paired tablet, a PIN; and who a
 * request is from.
 *
 * <p>May use: access, device, http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.person;
