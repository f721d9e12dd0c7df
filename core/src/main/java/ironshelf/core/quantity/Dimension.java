package ironshelf.core.quantity;

/** What a quantity measures, and the unit it is kept in. */
public enum Dimension {
  MASS("kg"),
  VOLUME("L"),
  LENGTH("mm"),
  TEMPERATURE("°C"),
  DURATION("min");

  private final String unit;

  Dimension(String unit) {
    this.unit = unit;
  }

  /** Returns the symbol of the unit that values of this dimension are kept in. */
  public String unit() {
    return unit;
  }
}
