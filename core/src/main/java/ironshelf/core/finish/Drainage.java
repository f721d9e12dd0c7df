package ironshelf.core.finish;

import ironshelf.core.quantity.Findings;

/**
 * Drainage stones for a planter: a layer of so much of its inside.
 *
 * @param stonesL loose, in one
 * @param stonesKg in one
 * @param allKg in all of them
 */
public record Drainage(double stonesL, double stonesKg, double allKg) {

  /** Crushed stone, loose (within the range of ACI 211.1). */
  private static final double LOOSE_KG_L = 1.5;

  /**
   * @param containerL to the rim, over 0 and up to 5 000
   * @param sharePercent of it that the stones take, 5 to 50; a fifth is common practice
   * @param pieces 1 to 100 000
   */
  public static Drainage of(double containerL, double sharePercent, int pieces) {
    new Findings()
        .above("containerL", containerL, 0, 5_000)
        .within("sharePercent", sharePercent, 5, 50)
        .within("pieces", pieces, 1, Pieces.MOST)
        .orRefuse();
    double litres = containerL * sharePercent / 100;
    double eachKg = litres * LOOSE_KG_L;
    return new Drainage(litres, eachKg, eachKg * pieces);
  }
}
