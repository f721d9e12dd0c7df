package ironshelf.order.line;

/** How far a line or an order is; follows from its pieces, never set by hand. */
public enum OrderStage {
  /** Not accepted yet. */
  QUOTE,
  /** Nothing poured yet. */
  OPEN,
  /** Some poured, some still to pour. */
  POURING,
  /** All poured, not all ready. */
  CURING,
  /** All ready. */
  READY,
  /** Some sent, some not. */
  PART_SENT,
  /** All sent. */
  SENT,
  CANCELLED
}
