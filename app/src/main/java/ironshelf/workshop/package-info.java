/**
 * The workshop itself: its name, its room, its measures, its clock.
 *
 * <p>May use: access, core plan, core quantity, http, style.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.workshop;
