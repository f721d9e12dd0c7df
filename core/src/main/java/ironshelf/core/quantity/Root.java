package ironshelf.core.quantity;

import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;

/** Where a function that never falls passes zero. */
public final class Root {

  private static final double RELATIVE = 1e-14;
  private static final int MOST_TRIES = 1_000;

  private Root() {}

  /**
   * By Brent's method (R. P. Brent, Algorithms for Minimization without Derivatives, 1973, chapter
   * 4).
   *
   * @param rising continuous, never falling between the ends
   * @param tolerance how far from the true place the answer may lie, over 0
   * @return the nearer end, where it does not pass zero between them
   */
  public static double of(UnivariateFunction rising, double low, double high, double tolerance) {
    if (rising.value(low) >= 0) {
      return low;
    }
    if (rising.value(high) <= 0) {
      return high;
    }
    return new BrentSolver(RELATIVE, tolerance).solve(MOST_TRIES, rising, low, high);
  }
}
