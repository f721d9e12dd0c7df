package ironshelf.pour.sheet;

import ironshelf.copy.CopyView;
import ironshelf.core.material.Role;
import ironshelf.core.mould.Section;
import ironshelf.core.mould.wear.Face;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.MixHeat;
import ironshelf.http.problem.FindingView;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the bench needs to know to pour.
 *
 * @param colourway as ordered
 * @param firstLayer of the products' layers, from 0
 * @param layers mixed beside each other in this session, in the order in which they go in
 * @param pieces that come of it
 * @param capacityL of all copies, for the layers of this session
 * @param workingMin from wetting, the shortest of the layers
 * @param tappedMin from wetting, until tapping ends
 * @param cooling what leaves the minutes wanted; null where none were asked for
 * @param readyAt when it may come out if it were filled now
 */
public record SheetView(
    RecipeView recipe,
    ColourwayView colourway,
    int firstLayer,
    List<SheetFill> fills,
    List<SheetLayer> layers,
    List<SheetBatch> batches,
    int pieces,
    double capacityL,
    double roomC,
    double waterC,
    double workingMin,
    double tappedMin,
    MixHeat.@Nullable Cooling cooling,
    Instant readyAt,
    @Nullable Instant greenUntil,
    List<FindingView> warnings,
    List<SheetCheck> checks) {

  /**
   * What is looked at before anything is weighed.
   *
   * @param key of the pour's check that it belongs to
   * @param lines in words
   */
  public record SheetCheck(String key, List<String> lines) {}

  /**
   * A product and its copies.
   *
   * @param faces what release agent goes on which, and what must bond
   * @param litresEach what one copy takes in this session
   * @param holdDownKg on each core, with the margin; 0 where it is weighed down already
   */
  public record SheetFill(
      ProductView product,
      String mould,
      Section section,
      List<String> preparation,
      List<Face> faces,
      double litresEach,
      double holdDownKg,
      List<SheetCopy> copies) {}

  /**
   * A copy to fill.
   *
   * @param layerKg wet mix of each layer of this session
   * @param stopAtKg what the scale shows when it is full, with what it weighs empty and its
   *     hardware on it; null where its mass does not matter
   * @param startsAtKg what it shows before any mix is in it; null as well there
   */
  public record SheetCopy(
      CopyView copy, List<Double> layerKg, @Nullable Double stopAtKg, @Nullable Double startsAtKg) {

    /** Earlier versions kept sheets without it, and what it is follows from the rest. */
    public SheetCopy {
      startsAtKg =
          stopAtKg == null
              ? null
              : Double.valueOf(stopAtKg - layerKg.stream().mapToDouble(Double::doubleValue).sum());
    }

    SheetCopy(CopyView copy, List<Double> layerKg, @Nullable Double stopAtKg) {
      this(copy, layerKg, stopAtKg, null);
    }
  }

  /**
   * One layer's mix for the whole pour.
   *
   * @param lines in the order in which they go in
   */
  public record SheetLayer(
      String name,
      double sharePercent,
      ColourwayView colourway,
      double yieldL,
      double freshDensityKgM3,
      double workingMin,
      BatchResult.Water water,
      List<SheetLine> lines) {}

  /**
   * One material to weigh.
   *
   * @param toleranceKg how far the scale may be off
   * @param scoops level scoops of the workshop's size; null for water and for what goes by spoons
   * @param spoons of this material as it was weighed here; null where no spoon was weighed
   * @param bottle whether its packs are bottles, which are rinsed into the mix
   * @param stockKg what the lots hold; null for what comes from the tap
   */
  public record SheetLine(
      long materialId,
      String name,
      Role role,
      double massKg,
      double toleranceKg,
      @Nullable Double scoops,
      @Nullable Double spoons,
      @Nullable Double bags,
      boolean bottle,
      @Nullable BigDecimal stockKg) {}

  /**
   * What is mixed at once.
   *
   * @param copyIds that it fills
   * @param layers the lines of each layer
   */
  public record SheetBatch(List<Long> copyIds, List<BatchLayer> layers, double pourWithinMin) {}

  /** One layer's part of a batch. */
  public record BatchLayer(List<SheetLine> lines) {}
}
