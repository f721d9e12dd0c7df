package ironshelf.shelf;

/** The boards of the shelf, in the order in which pieces pass them. */
public enum Board {
  MOULD,
  DRYING,
  DRY
}
