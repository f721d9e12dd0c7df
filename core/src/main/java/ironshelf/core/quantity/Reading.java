package ironshelf.core.quantity;

import static java.util.Objects.requireNonNull;

/**
 * A typed quantity as it was read.
 *
 * @param text what was typed
 * @param dimension what it measures
 * @param value the value in the unit of the dimension; finite
 * @param echo how it was read, in the typed units, for example {@code 2 lb 4 oz}
 */
public record Reading(String text, Dimension dimension, double value, String echo) {

  public Reading {
    requireNonNull(text, "text");
    requireNonNull(dimension, "dimension");
    requireNonNull(echo, "echo");
    if (!Double.isFinite(value)) {
      throw new IllegalArgumentException("value " + value + " is not finite");
    }
  }
}
