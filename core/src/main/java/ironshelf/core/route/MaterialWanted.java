package ironshelf.core.route;

import ironshelf.core.quantity.Findings;

/**
 * A material that a step takes each time that it is done: rod for a join, a wick.
 *
 * @param massKg for each piece, over 0 and up to 5 000
 */
public record MaterialWanted(long materialId, double massKg) {
  public MaterialWanted {
    new Findings()
        .within("materialId", (double) materialId, 1, 1e15)
        .above("massKg", massKg, 0, Findings.MAX_MASS_KG)
        .orRefuse();
  }
}
