package ironshelf.core.material;

import ironshelf.core.quantity.Findings;

/**
 * A bag of a binder, and what pigment is dosed to it: pigment is a percent of the cement in the bag
 * (ASTM C979; EN 12878; docs/method/materials.md), which is less than the bag where the binder is a
 * blend.
 *
 * @param packKg what the bag holds, over 0, in kg
 * @param cementPercent how much of it is cement, over 0 and up to 100
 */
public record BinderBag(double packKg, double cementPercent) {

  private static final double HEAVIEST_SPOON_G = 1_000;

  public BinderBag {
    new Findings()
        .above("packKg", packKg, 0, Findings.MAX_MASS_KG)
        .above("cementPercent", cementPercent, 0, 100)
        .orRefuse();
  }

  /** Returns the cement in the bag, in kg. */
  public double cementKg() {
    return packKg * cementPercent / 100;
  }

  /**
   * Returns a dose in level spoons a bag.
   *
   * @param percentOfCement of the pigment, 0 to 100
   * @param spoonG mass of one level spoon of it, over 0 and up to 1 000 g
   */
  public double spoons(double percentOfCement, double spoonG) {
    new Findings()
        .within("percentOfCement", percentOfCement, 0, 100)
        .above("spoonG", spoonG, 0, HEAVIEST_SPOON_G)
        .orRefuse();
    return percentOfCement * cementKg() * 10 / spoonG;
  }
}
