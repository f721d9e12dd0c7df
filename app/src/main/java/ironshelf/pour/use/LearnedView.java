package ironshelf.pour.use;

import ironshelf.core.recipe.Learned;
import java.util.List;

/**
 * What the shop's own pours teach of a recipe, beside what it is used with.
 *
 * @param yield real yield over the sum's, of pours whose left-over was weighed
 * @param working minutes at 20 °C after which bowls went off
 * @param retention piece out of the mould over fresh mix
 */
public record LearnedView(
    double yieldUsed,
    Learned yield,
    double retentionUsed,
    Learned retention,
    double workingUsed,
    Learned working,
    List<LearnedWater> water,
    List<LearnedMinutes> minutes) {

  /**
   * A colourway's water.
   *
   * @param offset percent more than the recipe's own that really went in
   */
  public record LearnedWater(
      long colourwayId, String colourway, double offsetUsed, Learned offset) {}

  /** Minutes that it takes to fill a piece of a product. */
  public record LearnedMinutes(
      long productId, String product, double minutesUsed, Learned minutes) {}
}
