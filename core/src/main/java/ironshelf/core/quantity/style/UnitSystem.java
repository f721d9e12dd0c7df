package ironshelf.core.quantity.style;

/** The units that a shop reads and writes. Inside, everything is SI whatever the shop uses. */
public enum UnitSystem {
  METRIC,
  /** US customary units (NIST Handbook 44, appendix C): lb and oz, inches with fractions, gal. */
  US
}
