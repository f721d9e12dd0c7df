/**
 * How a class of binders gains strength with age.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.cure.binder;
