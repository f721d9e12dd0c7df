/**
 * JSON in and out: records of the core by their names, and binding that collects all findings of a
 * body before it refuses it.
 *
 * <p>May use: core cure, core mould, core pour, core quantity.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.http.json;
