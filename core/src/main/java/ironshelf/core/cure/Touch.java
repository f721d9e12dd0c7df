package ironshelf.core.cure;

/** What a hand says of a piece as it comes out. */
public enum Touch {
  TOO_GREEN,
  FINE,
  TOO_HARD
}
