/**
 * What requests and answers over HTTP have in common: limits of bodies, versions that were seen,
 * long lists in parts, streams of events, how faults are answered, the interface's files. No word
 * of the workshop.
 *
 * <p>May use: core quantity, http.json, http.problem.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.http;
