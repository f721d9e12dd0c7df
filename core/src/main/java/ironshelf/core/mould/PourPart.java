package ironshelf.core.mould;

import ironshelf.core.quantity.Findings;

/**
 * One of several pours into the same mould: a face layer and its back, two colours, two heads.
 *
 * @param sharePercent of the capacity, over 0 and up to 100
 */
public record PourPart(String name, double sharePercent) {

  public PourPart {
    new Findings().text("name", name, 40).above("sharePercent", sharePercent, 0, 100).orRefuse();
  }
}
