package ironshelf.core.finish;

import ironshelf.core.quantity.Findings;

/**
 * The sealer that one coat takes.
 *
 * @param eachKg for one piece
 * @param allKg for all of them
 */
public record Coat(double eachKg, double allKg) {

  /**
   * By the faces that are sealed.
   *
   * @param areaM2 of one piece, 0 to 1 000
   * @param gramsPerM2 of sealer, 0 to 2 000; its data sheet says it
   * @param pieces 1 to 100 000
   */
  public static Coat ofFaces(double areaM2, double gramsPerM2, int pieces) {
    new Findings()
        .within("areaM2", areaM2, 0, 1_000)
        .within("gramsPerM2", gramsPerM2, 0, 2_000)
        .orRefuse();
    return ofEach(areaM2 * gramsPerM2 / 1000, pieces);
  }

  /**
   * By what the first piece took, where its faces are not known.
   *
   * @param tookKg the tin before less the tin after, 0 to 5 000
   * @param pieces 1 to 100 000
   */
  public static Coat ofEach(double tookKg, int pieces) {
    new Findings()
        .within("tookKg", tookKg, 0, Findings.MAX_MASS_KG)
        .within("pieces", pieces, 1, Pieces.MOST)
        .orRefuse();
    return new Coat(tookKg, tookKg * pieces);
  }
}
