package ironshelf.core.recipe;

/** What an ingredient's amount is counted in. */
public enum Basis {
  /** Loose parts by volume; become mass through the material's own loose bulk density. */
  PARTS_BY_VOLUME,
  PARTS_BY_MASS,
  /** Percent by mass of all binder; of pigment, of the cement in it (ASTM C979; EN 12878). */
  PERCENT_OF_BINDER,
  /** Grams for each kilogram of all that is counted in another basis, water included. */
  GRAMS_PER_KG_MIX
}
