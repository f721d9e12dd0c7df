/**
 * At the bench: how a mix is split into batches over several moulds, where what is left goes, what
 * the scale must show.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.pour;
