package ironshelf.core.finish;

/** How many pieces something is worked out for at once. */
final class Pieces {

  /** More than any shop has; a count beyond it was mistyped. */
  static final int MOST = 100_000;

  private Pieces() {}
}
