/**
 * What is bought and used up: lots and their movements.
 *
 * <p>May use: store, http, act, workshop, core material.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.material;
