package ironshelf.core.recipe;

import ironshelf.core.material.Water;

/** How long a mix stays workable (handbook 2-2). */
public final class WorkingTime {

  /** Working time halves for every 10 degrees warmer (common practice; from memory). */
  static final double HALVING_C = 10;

  /** The temperature that recipes give their working time at. */
  static final double REFERENCE_C = 20;

  /** Specific heat of dry solids in kJ/(kg K) (ACI 305R, mix temperature). */
  static final double SOLIDS_SPECIFIC_HEAT = 0.88;

  private WorkingTime() {}

  /** Minutes from wetting at a mix temperature; halves per 10 degrees above 20, doubles below. */
  public static double minutes(double minutesAt20C, double mixC) {
    return minutesAt20C * Math.pow(2, (REFERENCE_C - mixC) / HALVING_C);
  }

  /**
   * Temperature of a mix when it comes together: the mean of what goes in, weighted by mass and
   * specific heat (ACI 305R, without ice). Heat of wetting and of the mixer is not counted.
   */
  public static double mixC(double solidsKg, double solidsC, double waterKg, double waterC) {
    double solids = solidsKg * SOLIDS_SPECIFIC_HEAT;
    double water = waterKg * Water.SPECIFIC_HEAT;
    return (solids * solidsC + water * waterC) / (solids + water);
  }
}
