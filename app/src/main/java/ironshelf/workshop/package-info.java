/**
 * The workshop itself: its name, its room, its measures, its clock.
 *
 * <p>May use: http, act, style, core quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.workshop;
