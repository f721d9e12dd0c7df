package ironshelf.pour;

import ironshelf.copy.CopyView;
import ironshelf.core.material.Role;
import ironshelf.core.mould.Section;
import ironshelf.core.mould.wear.Face;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.MixHeat;
import ironshelf.http.FindingView;
import ironshelf.product.ProductView;
import ironshelf.recipe.ColourwayView;
import ironshelf.recipe.RecipeView;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the bench needs to know to pour.
 *
 * @param faces what release agent goes on which, and what must bond
 * @param lines for the whole pour, in the order in which they go in
 * @param holdDownKg on each core, with the margin
 * @param workingMin from wetting
 * @param cooling what leaves the minutes wanted; null where none were asked for
 * @param readyAt when it may come out if it were filled now
 */
public record PourSheet(
    ProductView product,
    RecipeView recipe,
    ColourwayView colourway,
    String mould,
    Section section,
    List<String> preparation,
    List<Face> faces,
    List<CopyView> copies,
    int pieces,
    double capacityL,
    double roomC,
    double waterC,
    double yieldL,
    double freshMassKg,
    double holdDownKg,
    double workingMin,
    BatchResult.Water water,
    MixHeat.@Nullable Cooling cooling,
    List<SheetLine> lines,
    List<SheetBatch> batches,
    Instant readyAt,
    @Nullable Instant greenUntil,
    List<FindingView> warnings) {

  /**
   * One material to weigh.
   *
   * @param toleranceKg how far the scale may be off
   * @param scoops level scoops of the workshop's size; null for water
   * @param stockKg what the lots hold; null for what comes from the tap
   */
  public record SheetLine(
      long materialId,
      String name,
      Role role,
      double massKg,
      double toleranceKg,
      @Nullable Double scoops,
      @Nullable Double bags,
      @Nullable BigDecimal stockKg) {}

  /** What is mixed at once. */
  public record SheetBatch(int pieces, List<SheetLine> lines, double pourWithinMin) {}
}
