/**
 * Answers that are no success: problem documents (RFC 9457) by code and parameters, and the
 * catalogue that has their wording.
 *
 * <p>May use: core quantity, style.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.http.problem;
