/**
 * How the application speaks HTTP: binding that collects findings, problem documents, the catalogue
 * of wording, the OpenAPI document, the interface's files.
 *
 * <p>May use: style, core quantity, core records for their JSON names. No word of the workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.http;
