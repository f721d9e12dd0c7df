package ironshelf.pour.script;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.pour.sheet.PourSheetRequest;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A pour that is to be opened.
 *
 * @param colourwayId as ordered
 * @param firstLayer of the products' layers, from 0; null: 0
 * @param mixes at least; null: as few as mixer and working time allow
 * @param order of filling, the copies' ids; null: the largest first
 * @param earlyReason why it is poured before what is below is stiff; null where it is not
 */
public record PourOpening(
    List<OpenedFill> fills,
    @Nullable Long colourwayId,
    @Nullable Integer firstLayer,
    @WhenMissing("the workshop's room") double roomC,
    @WhenMissing("the room's temperature") double waterC,
    @Nullable Integer mixes,
    @Nullable List<Long> order,
    @Nullable String earlyReason) {

  /**
   * A product and the copies of its mould to fill.
   *
   * @param lineId the order line that it is for; null: for stock
   */
  public record OpenedFill(@Nullable Long productId, @Nullable Long lineId, List<Long> copyIds) {
    public OpenedFill {
      new Findings().present("productId", productId).list("copyIds", copyIds, 500).orRefuse();
    }
  }

  public PourOpening {
    Findings findings = new Findings().list("fills", fills, 50);
    if (earlyReason != null) {
      findings.text("earlyReason", earlyReason, 200);
    }
    findings.orRefuse();
    fills = List.copyOf(fills);
  }

  PourSheetRequest sheet() {
    return new PourSheetRequest(
        fills.stream()
            .map(f -> new PourSheetRequest.FillChoice(f.productId(), f.copyIds()))
            .toList(),
        colourwayId,
        firstLayer,
        roomC,
        waterC,
        null,
        mixes,
        order);
  }

  Map<Long, Long> lines() {
    Map<Long, Long> lines = new HashMap<>();
    for (OpenedFill fill : fills) {
      if (fill.productId() != null && fill.lineId() != null) {
        lines.put(fill.productId(), fill.lineId());
      }
    }
    return lines;
  }
}
