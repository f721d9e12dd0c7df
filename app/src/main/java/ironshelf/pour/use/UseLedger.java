package ironshelf.pour.use;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.core.piece.Shares;
import ironshelf.material.consumption.LotPrices;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.pour.PourTaken;
import ironshelf.pour.record.PourFillView;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Shares what pours took over the pieces that came of them, by the litres that each has of it. The
 * shares of a pour add up to what it took, to the tenth of a gram.
 */
@Component
class UseLedger {

  /** Money to a hundredth of a cent. */
  static final int SCALE = 4;

  /**
   * What one piece has of one material of one pour.
   *
   * @param cost at the lots' own prices; null where none is known
   */
  record Entry(
      long pourId,
      long colourwayId,
      PieceView piece,
      long materialId,
      BigDecimal askedKg,
      BigDecimal actualKg,
      @Nullable BigDecimal cost) {}

  /**
   * A piece's part of a bowl.
   *
   * @param share of all that went into copies, by litres, 0 to 1
   */
  record Part(PourFillView fill, PieceView piece, double share) {}

  /** What a bowl took, and the parts that pieces have of it. */
  record Used(PourTaken bowl, List<Entry> entries, List<Part> parts) {

    List<PieceView> pieces() {
      return parts.stream().map(Part::piece).distinct().toList();
    }

    /** Of these pieces alone. */
    Used of(Predicate<PieceView> some) {
      return new Used(
          bowl,
          entries.stream().filter(e -> some.test(e.piece())).toList(),
          parts.stream().filter(p -> some.test(p.piece())).toList());
    }
  }

  private final PieceService pieces;
  private final LotPrices prices;

  UseLedger(PieceService pieces, LotPrices prices) {
    this.pieces = pieces;
    this.prices = prices;
  }

  /** What a kilogram cost in these pours, by the lots that it came from. */
  LotPrices.OfPours perKg(Collection<PourTaken> pours) {
    return prices.ofPours(
        pours.stream().map(PourTaken::id).toList(),
        pours.stream()
            .flatMap(p -> p.taken().stream().map(PourTaken.Taken::materialId))
            .distinct()
            .toList());
  }

  List<Used> used(List<PourTaken> pours) {
    LotPrices.OfPours perKg = perKg(pours);
    List<Long> castIds =
        pours.stream().flatMap(p -> p.fills().stream()).map(PourFillView::castId).toList();
    Map<Long, List<PieceView>> byCast =
        pieces.ofCasts(castIds).stream().collect(groupingBy(PieceView::castId));
    return pours.stream().map(pour -> used(pour, byCast, perKg)).toList();
  }

  private static Used used(
      PourTaken pour, Map<Long, List<PieceView>> byCast, LotPrices.OfPours perKg) {
    List<Part> parts = new ArrayList<>();
    List<Entry> entries = new ArrayList<>();
    List<PieceView> made = new ArrayList<>();
    List<Double> litres = new ArrayList<>();
    for (PourFillView fill : pour.fills()) {
      List<PieceView> own = byCast.getOrDefault(fill.castId(), List.of());
      double each = fill.litres() / Math.max(1, own.size());
      made.addAll(own);
      litres.addAll(Collections.nCopies(own.size(), each));
      own.forEach(p -> parts.add(new Part(fill, p, each / pour.filledL())));
    }
    if (!made.isEmpty()) {
      pour.taken().forEach(taken -> share(entries, pour, taken, made, litres, perKg));
    }
    return new Used(pour, entries, parts);
  }

  private static void share(
      List<Entry> entries,
      PourTaken pour,
      PourTaken.Taken taken,
      List<PieceView> made,
      List<Double> litres,
      LotPrices.OfPours prices) {
    BigDecimal perKg = prices.perKg(pour.id(), taken.materialId());
    List<BigDecimal> asked = Shares.of(taken.askedKg(), litres);
    List<BigDecimal> actual = Shares.of(taken.actualKg(), litres);
    for (int i = 0; i < made.size(); i++) {
      entries.add(
          new Entry(
              pour.sessionId(),
              pour.colourwayId(),
              made.get(i),
              taken.materialId(),
              asked.get(i),
              actual.get(i),
              perKg == null
                  ? null
                  : perKg.multiply(actual.get(i)).setScale(SCALE, RoundingMode.HALF_UP)));
    }
  }
}
