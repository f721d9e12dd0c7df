/**
 * The OpenAPI document, as records of the core really travel.
 *
 * <p>May use: access, core quantity, http.json.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.http.document;
