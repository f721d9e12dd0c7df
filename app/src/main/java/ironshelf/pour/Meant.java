package ironshelf.pour;

import ironshelf.core.pour.script.PourSheet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a pour is meant to be: its sheet, and what the sheet's names stand for in this shop. Kept as
 * it was when the pour was opened; the recipe's version and the colourways with it.
 *
 * @param colourwayId as ordered
 * @param layerColourwayIds in the order of the sheet's layers
 * @param layerColourwayVersions which versions of those; null: of pours of before they were kept
 * @param firstLayer of the products' layers, from 0
 * @param again whether pieces that were out are put into the moulds for it; null: of before that
 *     could be
 * @param earlyReason why it is poured before its gate; null where it is not
 */
public record Meant(
    PourSheet sheet,
    List<MeantCopy> copies,
    long recipeId,
    long colourwayId,
    List<Long> layerColourwayIds,
    @Nullable List<Integer> layerColourwayVersions,
    int firstLayer,
    double roomC,
    double waterC,
    @Nullable Boolean again,
    @Nullable String earlyReason) {

  /** Whether its moulds are empty before it, so that a cast begins with it. */
  boolean isFresh() {
    return firstLayer == 0 || Boolean.TRUE.equals(again);
  }

  /**
   * A copy of the sheet.
   *
   * @param version that was seen of it; null: as it is when it is filled
   * @param lineId of the order it is poured for; null: for stock
   */
  public record MeantCopy(
      String key, long copyId, @Nullable Long version, long productId, @Nullable Long lineId) {}
}
