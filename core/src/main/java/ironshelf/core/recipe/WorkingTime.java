package ironshelf.core.recipe;

/** How long a mix stays workable (docs/method/mixes.md). */
public final class WorkingTime {

  /** Working time halves for every 10 degrees warmer (common practice; from memory). */
  static final double HALVING_C = 10;

  /** The temperature that recipes give their working time at. */
  static final double REFERENCE_C = 20;

  /** Colder concrete than that hardly sets (ACI 306R, section 7: 40 F). */
  static final double COLDEST_C = 5;

  /** Warmer fresh concrete than that is beyond what the rule was seen to hold for (from memory). */
  static final double WARMEST_C = 40;

  /**
   * Tapping a mix that has begun to set opens it again: the last fifth is left (common practice).
   */
  private static final double TAPPED_SHARE = 0.8;

  private WorkingTime() {}

  /**
   * Returns the minutes from wetting at a mix temperature; halves per 10 degrees above 20, doubles
   * below. What is colder than 5 or warmer than 40 degrees counts as that (see {@link
   * #isForetold}).
   */
  public static double minutes(double minutesAt20C, double mixC) {
    double within = Math.max(COLDEST_C, Math.min(WARMEST_C, mixC));
    return minutesAt20C * Math.pow(2, (REFERENCE_C - within) / HALVING_C);
  }

  /** Returns the minutes from wetting until tapping ends, of so many that it stays workable. */
  public static double tappedMinutes(double minutes) {
    return minutes * TAPPED_SHARE;
  }

  /** Tests whether the rule holds at that temperature. */
  public static boolean isForetold(double mixC) {
    return mixC >= COLDEST_C && mixC <= WARMEST_C;
  }

  /**
   * Returns the mix temperature at which so many minutes are left; the inverse of {@link #minutes}.
   */
  public static double mixCFor(double minutesAt20C, double minutes) {
    return REFERENCE_C - HALVING_C * Math.log(minutes / minutesAt20C) / Math.log(2);
  }
}
