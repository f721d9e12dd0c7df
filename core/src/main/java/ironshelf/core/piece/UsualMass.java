package ironshelf.core.piece;

import ironshelf.core.quantity.Findings;

/**
 * What a piece of a product weighs, and the range in which a typed mass is believed. A mass outside
 * it was typed in another unit or with a figure too many (common practice: what shops mistype is
 * off by a factor of ten, or by the 2.2 between pounds and kilograms with a wall that varies).
 *
 * @param massKg dry, hardware included
 * @param leastKg below it a mass is asked back
 * @param mostKg above it a mass is asked back
 */
public record UsualMass(double massKg, double leastKg, double mostKg) {

  /** Walls and water make a piece a third lighter or heavier at most; this is well beyond. */
  private static final double OFF = 2.5;

  /**
   * @param massKg over 0 and up to 5 000
   */
  public static UsualMass of(double massKg) {
    new Findings().above("massKg", massKg, 0, Findings.MAX_MASS_KG).orRefuse();
    return about(massKg);
  }

  /**
   * Of a piece that fills its mould.
   *
   * @param filledL what is filled for one piece, over 0
   * @param freshKgM3 of the wet mix, over 0
   * @param retention dry over fresh, 0.5 to 1
   */
  public static UsualMass ofFilling(double filledL, double freshKgM3, double retention) {
    new Findings()
        .above("filledL", filledL, 0, 1_000_000)
        .above("freshKgM3", freshKgM3, 0, 10_000)
        .within("retention", retention, 0.5, 1)
        .orRefuse();
    return about(filledL * freshKgM3 / 1000 * retention);
  }

  private static UsualMass about(double massKg) {
    return new UsualMass(massKg, massKg / OFF, massKg * OFF);
  }
}
