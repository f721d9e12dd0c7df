package ironshelf.core.quantity;

/** Which sign parts the decimals where a number is typed; the other one may group thousands. */
public enum DecimalMark {
  /** {@code 1,250.5}, as in the United States. */
  POINT,
  /** {@code 1.250,5}. A single point before three digits could be either and is asked back. */
  COMMA,
  /** Not known: what could mean two things is asked back, as is every grouped number. */
  EITHER
}
