package ironshelf.core.recipe;

import ironshelf.core.quantity.Findings;

/**
 * How far the water may move: the least and the most, in percent of the recipe's own. The bench
 * starts at the least and holds the rest back.
 *
 * @param leastPercent over 0 and up to 100
 * @param mostPercent 100 to 300
 */
public record WaterWindow(double leastPercent, double mostPercent) {

  public WaterWindow {
    new Findings()
        .above("leastPercent", leastPercent, 0, 100)
        .within("mostPercent", mostPercent, 100, 300)
        .orRefuse();
  }
}
