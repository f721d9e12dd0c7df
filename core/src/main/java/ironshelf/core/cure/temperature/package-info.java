/**
 * How warm a place was, is and usually is: readings, spans of one temperature, the usual day.
 *
 * <p>May use: quantity.
 */
package ironshelf.core.cure.temperature;
