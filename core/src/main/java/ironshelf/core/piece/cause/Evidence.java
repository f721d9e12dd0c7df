package ironshelf.core.piece.cause;

/**
 * What the facts say of a cause.
 *
 * @param value what was, NaN where it is not known
 * @param limit what should have been, NaN likewise
 * @param strength how far off, as a share of what should have been; 0 unless it speaks for
 */
public record Evidence(Verdict verdict, double value, double limit, double strength) {

  /** Which way a fact points. */
  public enum Verdict {
    SPEAKS_FOR,
    NOT_KNOWN,
    SPEAKS_AGAINST
  }

  /** Off by less than so much is within what scales and clocks tell apart. */
  private static final double ALIKE = 1e-9;

  /** Speaks for the cause where the value is under its limit. */
  static Evidence below(double value, double limit) {
    return off(value, limit, limit - value);
  }

  /** Speaks for the cause where the value is over its limit. */
  static Evidence above(double value, double limit) {
    return off(value, limit, value - limit);
  }

  /** Speaks for the cause where it is so. */
  static Evidence yes(double value) {
    return off(value, 0, value);
  }

  /** Speaks for the cause where it is not so. */
  static Evidence no(double value) {
    return off(value, 1, 1 - value);
  }

  /** Returns the one that says more. */
  Evidence or(Evidence other) {
    int by = verdict.compareTo(other.verdict);
    return by < 0 || (by == 0 && strength >= other.strength) ? this : other;
  }

  private static Evidence off(double value, double limit, double by) {
    if (Double.isNaN(by)) {
      return new Evidence(Verdict.NOT_KNOWN, value, limit, 0);
    }
    return by > ALIKE
        ? new Evidence(Verdict.SPEAKS_FOR, value, limit, by / Math.max(Math.abs(limit), 1))
        : new Evidence(Verdict.SPEAKS_AGAINST, value, limit, 0);
  }
}
