package ironshelf.core.pour;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.core.recipe.Recipe;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Copies to be filled at once, of one mould or several, in one layer or several.
 *
 * @param layers each its own mix: colours side by side, a face and its back; 1 to 6
 * @param copies what each takes in all, without waste, and the minutes to fill it; 1 to 500
 * @param wastePercent for what sticks to the bowls, 0 to 100
 * @param mixerL the most mixed at once, over 0 and up to 5 000; null: does not bind
 * @param roomC temperature of room and dry materials, -30 to 60
 * @param waterC 0 to 95 (the room's, or 0 in frost)
 * @param mixMinutes to mix one layer, 0 to 1 440; the layers are mixed one after the other
 * @param minutesWanted of work, over 0 and up to 1 440; null: nothing is said about cooling
 * @param batches at least, 1 to 500; null: as few as mixer and clock allow
 */
public record PourInput(
    List<LayerMix> layers,
    List<BatchSplit.Load> copies,
    double wastePercent,
    @Nullable Double mixerL,
    double roomC,
    @WhenMissing("roomC") double waterC,
    double mixMinutes,
    @Nullable Double minutesWanted,
    @Nullable Integer batches) {

  /**
   * One layer's mix.
   *
   * @param share of what each copy takes, over 0 and up to 1
   */
  public record LayerMix(Recipe recipe, double share) {
    public LayerMix {
      new Findings().present("recipe", recipe).above("share", share, 0, 1).orRefuse();
    }
  }

  public PourInput {
    new Findings()
        .list("layers", layers, 6)
        .list("copies", copies, 500)
        .within("wastePercent", wastePercent, 0, 100)
        .within("mixMinutes", mixMinutes, 0, 1_440)
        .orRefuse();
    layers = List.copyOf(layers);
    copies = List.copyOf(copies);
  }

  double litres() {
    return copies.stream().mapToDouble(BatchSplit.Load::litres).sum();
  }
}
