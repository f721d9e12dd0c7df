package ironshelf.pour.sheet;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is to be poured at once: one mix, or several beside each other where products have layers
 * that do not wait for one another.
 *
 * @param fills the products, each with its copies
 * @param colourwayId as ordered; layers with a colourway of their own keep it
 * @param firstLayer of the products' layers, from 0; null: 0
 * @param roomC -30 to 60
 * @param waterC 0 to 95
 * @param minutesWanted of work, over 0 and up to 1 440; null: nothing is said about cooling
 * @param mixes at least, 1 to 500; null: as few as mixer and working time allow
 * @param order of filling, the copies' ids; null: the largest first, as its mix stiffens soonest to
 *     work
 */
public record PourSheetRequest(
    List<FillChoice> fills,
    @Nullable Long colourwayId,
    @Nullable Integer firstLayer,
    @WhenMissing("the workshop's room") double roomC,
    @WhenMissing("the room's temperature") double waterC,
    @Nullable Double minutesWanted,
    @Nullable Integer mixes,
    @Nullable List<Long> order) {

  /** A product and the copies of its mould to fill. */
  public record FillChoice(@Nullable Long productId, List<Long> copyIds) {
    public FillChoice {
      new Findings().present("productId", productId).list("copyIds", copyIds, 500).orRefuse();
      copyIds = copyIds.stream().distinct().sorted().toList();
    }
  }

  public PourSheetRequest {
    firstLayer = firstLayer == null ? Integer.valueOf(0) : firstLayer;
    Findings findings =
        new Findings()
            .list("fills", fills, 50)
            .present("colourwayId", colourwayId)
            .within("firstLayer", firstLayer, 0, 5);
    if (!Double.isNaN(roomC)) {
      findings.within("roomC", roomC, -30, 60);
    }
    if (!Double.isNaN(waterC)) {
      findings.within("waterC", waterC, 0, 95);
    }
    if (minutesWanted != null) {
      findings.above("minutesWanted", minutesWanted, 0, 1_440);
    }
    if (mixes != null) {
      findings.within("mixes", mixes, 1, 500);
    }
    if (order != null) {
      findings.list("order", order, 500);
    }
    findings.orRefuse();
    fills = List.copyOf(fills);
  }
}
