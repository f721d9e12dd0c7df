package ironshelf.core.quantity.style;

/** What a figure measures, with the unit that it is kept in. */
public enum Measure {
  /** kg. */
  MASS,
  /** mm. */
  LENGTH,
  /** Litres. */
  VOLUME,
  /** Degrees Celsius. */
  TEMPERATURE,
  /** Degrees Celsius between two temperatures. */
  DIFFERENCE,
  /** kg per m3. */
  DENSITY,
  /** m2. */
  AREA,
  /** Grams per m2. */
  COVERAGE,
  /** MPa. */
  STRENGTH
}
