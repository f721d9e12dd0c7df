/**
 * Devices that an owner paired with the shop: shared tablets, on which makers tap their name, and
 * screens that show the shelf at the door.
 *
 * <p>May use: http.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.device;
