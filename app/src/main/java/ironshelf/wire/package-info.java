/**
 * Who may send what over the network: names that the application answers to, where changes may come
 * from, the headers of every answer.
 *
 * <p>May use: access, http, lan.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.wire;
