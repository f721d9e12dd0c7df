package ironshelf.mould;

/** The five families of things that are cast. */
public enum Family {
  VESSELS,
  TRAYS,
  PAVERS,
  LAMPS,
  FITNESS_STONES
}
