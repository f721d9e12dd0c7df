/**
 * Other devices in the workshop's network: the shop's own small certificate authority, the doors
 * that are opened to them, and the page that tells a device how to trust them.
 *
 * <p>May use: http, person, print.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.lan;
