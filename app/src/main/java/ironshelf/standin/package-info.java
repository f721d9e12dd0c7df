/**
 * Simulated devices and services that ship with the application. Now: the demo's clock, the label
 * printer, the bench scale, temperature probes, a shop feed, a carrier.
 *
 * <p>May use: core quantity, http, workshop.
 */
@org.jspecify.annotations.NullMarked
package ironshelf.standin;
