package ironshelf.order;

/** How far a line is; follows from its pieces, never set by hand. */
public enum LineStage {
  /** Nothing poured yet. */
  OPEN,
  /** Some poured, some still to pour. */
  POURING,
  /** All poured, not all ready. */
  CURING,
  /** All ready. */
  READY
}
