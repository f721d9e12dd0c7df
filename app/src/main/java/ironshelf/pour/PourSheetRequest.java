package ironshelf.pour;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is to be poured.
 *
 * @param copyIds the copies to fill
 * @param roomC -30 to 60
 * @param waterC 0 to 95
 * @param minutesWanted of work, over 0 and up to 1 440; null: nothing is said about cooling
 */
public record PourSheetRequest(
    @Nullable Long productId,
    @Nullable Long colourwayId,
    List<Long> copyIds,
    @WhenMissing("the workshop's room") double roomC,
    @WhenMissing("the room's temperature") double waterC,
    @Nullable Double minutesWanted) {

  public PourSheetRequest {
    Findings findings =
        new Findings()
            .present("productId", productId)
            .present("colourwayId", colourwayId)
            .list("copyIds", copyIds, 500);
    if (!Double.isNaN(roomC)) {
      findings.within("roomC", roomC, -30, 60);
    }
    if (!Double.isNaN(waterC)) {
      findings.within("waterC", waterC, 0, 95);
    }
    if (minutesWanted != null) {
      findings.above("minutesWanted", minutesWanted, 0, 1_440);
    }
    findings.orRefuse();
    copyIds = copyIds.stream().distinct().sorted().toList();
  }
}
