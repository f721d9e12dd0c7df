package ironshelf.pour.use;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.core.piece.Shares;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.pour.PourFillView;
import ironshelf.pour.PourTaken;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * Shares what pours took over the pieces that came of them, by the litres that each has of it. The
 * shares of a pour add up to what it took, to the tenth of a gram.
 */
@Component
class UseLedger {

  /** What one piece has of one material of one pour. */
  record Entry(
      long pourId,
      long colourwayId,
      Instant pouredAt,
      PieceView piece,
      long materialId,
      BigDecimal askedKg,
      BigDecimal actualKg) {}

  private final PieceService pieces;

  UseLedger(PieceService pieces) {
    this.pieces = pieces;
  }

  List<Entry> entries(List<PourTaken> pours) {
    List<Long> castIds =
        pours.stream().flatMap(p -> p.fills().stream()).map(PourFillView::castId).toList();
    Map<Long, List<PieceView>> byCast =
        pieces.ofCasts(castIds).stream().collect(groupingBy(PieceView::castId));
    List<Entry> entries = new ArrayList<>();
    for (PourTaken pour : pours) {
      List<PieceView> made = new ArrayList<>();
      List<Double> litres = new ArrayList<>();
      for (PourFillView fill : pour.fills()) {
        List<PieceView> own = byCast.getOrDefault(fill.castId(), List.of());
        made.addAll(own);
        litres.addAll(Collections.nCopies(own.size(), fill.litres() / own.size()));
      }
      if (!made.isEmpty()) {
        pour.taken().forEach(taken -> share(entries, pour, taken, made, litres));
      }
    }
    return entries;
  }

  private static void share(
      List<Entry> entries,
      PourTaken pour,
      PourTaken.Taken taken,
      List<PieceView> made,
      List<Double> litres) {
    List<BigDecimal> asked = Shares.of(taken.askedKg(), litres);
    List<BigDecimal> actual = Shares.of(taken.actualKg(), litres);
    for (int i = 0; i < made.size(); i++) {
      entries.add(
          new Entry(
              pour.sessionId(),
              pour.colourwayId(),
              pour.pouredAt(),
              made.get(i),
              taken.materialId(),
              asked.get(i),
              actual.get(i)));
    }
  }
}
