package ironshelf.core.mould.solid;

import ironshelf.core.quantity.Findings;

/**
 * Cloth soaked in slurry and hung over a former: its area times the thickness it keeps.
 *
 * @param areaM2 over 0 and up to 100
 * @param thicknessMm what hangs on, cloth included
 */
public record Sheet(double areaM2, double thicknessMm) implements Solid {

  private static final double MAX_M2 = 100;

  public Sheet {
    new Findings().above("areaM2", areaM2, 0, MAX_M2).length("thicknessMm", thicknessMm).orRefuse();
  }

  @Override
  public double litres() {
    return areaM2 * thicknessMm;
  }
}
