package ironshelf.order;

/** Which orders are looked for. */
public enum Which {
  /** Accepted, and not all sent. */
  OPEN,
  QUOTES,
  /** Sent or cancelled. */
  CLOSED,
  ALL
}
