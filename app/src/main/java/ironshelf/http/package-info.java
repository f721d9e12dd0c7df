/**
 * How the application speaks HTTP: binding that collects findings, problem documents, the catalogue
 * of wording, the OpenAPI document, the interface's files.
 *
 * <p>May use: access, core cure, core mould, core pour, core quantity, style.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.http;
