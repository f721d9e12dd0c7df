package ironshelf.core.route;

/** The boards of the shelf, in the order in which pieces pass them. */
public enum Board {
  /** In the mould, or just out of it. */
  WET,
  BATH,
  DRYING,
  /** Between the coats and after them, until it is packed. */
  COATING,
  READY
}
