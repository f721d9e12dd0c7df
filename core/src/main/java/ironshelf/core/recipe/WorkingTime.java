package ironshelf.core.recipe;

/** How long a mix stays workable (handbook 2-2). */
public final class WorkingTime {

  /** Working time halves for every 10 degrees warmer (common practice; from memory). */
  static final double HALVING_C = 10;

  /** The temperature that recipes give their working time at. */
  static final double REFERENCE_C = 20;

  private WorkingTime() {}

  /** Minutes from wetting at a mix temperature; halves per 10 degrees above 20, doubles below. */
  public static double minutes(double minutesAt20C, double mixC) {
    return minutesAt20C * Math.pow(2, (REFERENCE_C - mixC) / HALVING_C);
  }

  /** The mix temperature at which so many minutes are left; the inverse of {@link #minutes}. */
  public static double mixCFor(double minutesAt20C, double minutes) {
    return REFERENCE_C - HALVING_C * Math.log(minutes / minutesAt20C) / Math.log(2);
  }
}
