/**
 * What is bought and used up: lots and their movements.
 *
 * <p>May use: access, act, core material, core quantity, http, store, style, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.material;
