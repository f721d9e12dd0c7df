/**
 * What is stored of a pour: its fills, weighings and waste.
 *
 * <p>May use: access, core cure, store.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.pour.record;
