package ironshelf.demo;

import ironshelf.copy.CastService;
import ironshelf.copy.CastView;
import ironshelf.copy.CopyCondition;
import ironshelf.copy.CopyView;
import ironshelf.core.cure.Touch;
import ironshelf.core.recipe.Recipe;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Gate;
import ironshelf.mould.MouldService;
import ironshelf.piece.Grade;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.piece.Weighed;
import ironshelf.pour.script.PourRequest;
import ironshelf.pour.script.RecordService;
import ironshelf.pour.sheet.PourSheetRequest;
import ironshelf.pour.sheet.PourSheetService;
import ironshelf.pour.sheet.SheetView;
import ironshelf.product.ProductView;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.shelf.StepRequest;
import ironshelf.shelf.StepService;
import ironshelf.shelf.TakeOutRequest;
import ironshelf.shelf.TakeOutService;
import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the demo has poured in the last weeks, up to this morning. */
@Component
class DemoPours {

  private static final double ROOM_C = 20;

  /** How long after its gate a step was done. */
  private static final Duration LATER = Duration.ofMinutes(6);

  /** Copies that were emptied longer ago were washed. */
  private static final double DIRTY_H = 7;

  private final PourSheetService sheets;
  private final RecordService pours;
  private final MouldService moulds;
  private final CastService castings;
  private final TakeOutService takeOut;
  private final StepService steps;
  private final PieceService pieces;
  private final EntityManager entities;
  private final Random scale = new Random(41);

  DemoPours(
      PourSheetService sheets,
      RecordService pours,
      MouldService moulds,
      CastService castings,
      TakeOutService takeOut,
      StepService steps,
      PieceService pieces,
      EntityManager entities) {
    this.sheets = sheets;
    this.pours = pours;
    this.moulds = moulds;
    this.castings = castings;
    this.takeOut = takeOut;
    this.steps = steps;
    this.pieces = pieces;
    this.entities = entities;
  }

  /**
   * Times are such that a demo founded on the coldest night is as good: neat mixes come out after
   * four hours, which is their age at 12 °C, and the bowls of this morning are green at 15 and at
   * 24.
   */
  void work(DemoCatalogue.Goods g, DemoOrders.Lines lines, Instant now) {
    goOn(done(g.tray(), g.clay(), null, now, 14 * 24, 4, 4, null), now);
    goOn(done(g.cup(), g.clay(), null, now, 13 * 24, 6, 4.2, null), now);
    goOn(done(g.bowl(), g.chalk(), lines.lateBowls(), now, 12 * 24, 4, 4, null), now);
    goOn(done(g.tray(), g.clay(), lines.shopTrays(), now, 10 * 24, 4, 4, null), now);
    Instant before = now.minus(hours(1));
    goOn(done(g.tray(), g.clay(), null, now, 221.6, 3, 4, null), before);
    goOn(done(g.stone(), g.rough(), lines.gymStones(), now, 9 * 24, 1, 32, null), now);
    goOn(done(g.vase(), g.chalk(), lines.shopVases(), now, 196.9, 4, 4, null), before);
    goOn(done(g.cup(), g.clay(), null, now, 196.72, 6, 4.1, null), now);
    goOn(done(g.stone(), g.rough(), lines.gymStones(), now, 5 * 24, 2, 33, null), now);
    goOn(
        done(
            g.cup(),
            g.slate(),
            lines.hotelCups(),
            now,
            3 * 24 + 2,
            8,
            4,
            "rim torn, out with the core stuck"),
        now);
    goOn(done(g.vase(), g.chalk(), lines.shopVases(), now, 27, 3, 4.2, null), now);
    goOn(done(g.cup(), g.slate(), lines.hotelCups(), now, 10.5, 7, 4.1, null), now);
    pour(g.stone(), g.rough(), lines.gymStones(), now.minus(hours(21)), 1);
    pour(g.bowl(), g.chalk(), lines.lateBowls(), now.minus(hours(3.3)), 3);
    pour(g.cup(), g.slate(), lines.hotelCups(), now.minus(hours(1.8)), 6);
    pour(g.tray(), g.clay(), lines.shopTrays(), now.minus(hours(1.0)), 2);
    pour(g.ebb(), g.clay(), null, now.minus(hours(0.7)), 1);
    pour(g.vase(), g.chalk(), lines.shopVases(), now.minus(hours(0.4)), 2);
  }

  /** Does to pieces what was due up to a moment, each time a little after its gate. */
  private void goOn(List<Long> pieceIds, Instant until) {
    goOn(pieceIds, until, null);
  }

  /** The same, but not that step and what comes after it. */
  void goOn(List<Long> pieceIds, Instant until, @Nullable Effect before) {
    Optional<Gate> due = steps.next(pieceIds.get(0));
    while (due.isPresent()
        && !(before != null && due.get().kind().has(before))
        && !due.get().earliest().plus(LATER).isAfter(until)) {
      steps.step(
          UUID.randomUUID().toString(),
          new StepRequest(
              pieceIds.stream().map(id -> StepRequest.StepPiece.of(id, null)).toList(),
              due.get().stepNo(),
              due.get().round(),
              due.get().earliest().plus(LATER),
              null,
              null,
              null,
              null,
              true,
              due.get().kind().has(Effect.GRADES) ? Grade.FIRST : null));
      forget();
      due = steps.next(pieceIds.get(0));
    }
  }

  /**
   * Every act is the first of its kind, as it is in a shop: what those before it have read would be
   * looked at for changes at each query of those after it.
   */
  private void forget() {
    entities.flush();
    entities.clear();
  }

  static Duration hours(double hours) {
    return Duration.ofSeconds(Math.round(hours * 3600));
  }

  /**
   * Poured so many hours ago and taken out later; the first piece is scrap if a reason is given.
   */
  List<Long> done(
      ProductView product,
      ColourwayView colourway,
      @Nullable Long lineId,
      Instant now,
      double hoursAgo,
      int copies,
      double takenOutAfterH,
      @Nullable String scrapReason) {
    Instant poured = now.minus(hours(hoursAgo)).truncatedTo(ChronoUnit.MICROS);
    double dryKg = pour(product, colourway, lineId, poured, copies) * Recipe.STARTING_RETENTION;
    List<CastView> casts =
        castings.held().stream().filter(c -> c.filledAt().equals(poured)).toList();
    takeOut.takeOut(
        UUID.randomUUID().toString(),
        new TakeOutRequest(
            casts.stream()
                .map(
                    c ->
                        new TakeOutRequest.TakenOut(
                            c.id(),
                            c.version(),
                            List.of(
                                scrapReason != null && c.equals(casts.get(0))
                                    ? new Weighed(null, scrapReason)
                                    : new Weighed(dryKg * wobble(), null))))
                .toList(),
            null,
            Touch.FINE,
            null,
            null,
            null),
        poured.plus(hours(takenOutAfterH)));
    forget();
    // Only what came out this morning still stands dirty; a pour of the season is long past.
    boolean ofTheSeason = hoursAgo == 0;
    if (ofTheSeason || hoursAgo - takenOutAfterH > DIRTY_H) {
      castings.wash(
          casts.stream().map(CastView::copyId).toList(),
          poured.plus(hours(takenOutAfterH)).plus(LATER));
    }
    return pieces.ofCasts(casts.stream().map(CastView::id).toList()).stream()
        .filter(p -> !p.isScrap())
        .map(PieceView::id)
        .toList();
  }

  /** Pours into the first free copies; gives the fresh mass of one piece. */
  private double pour(
      ProductView product, ColourwayView colourway, @Nullable Long lineId, Instant at, int count) {
    List<CopyView> free =
        moulds.mould(product.mouldId()).copies().stream()
            .filter(c -> c.held() == null && c.condition() == CopyCondition.GOOD)
            .sorted(Comparator.comparingLong(CopyView::casts).reversed())
            .limit(count)
            .toList();
    SheetView sheet =
        sheets.sheet(
            new PourSheetRequest(
                List.of(
                    new PourSheetRequest.FillChoice(
                        product.id(), free.stream().map(CopyView::id).toList())),
                colourway.id(),
                null,
                ROOM_C,
                Double.NaN,
                null,
                null,
                null),
            at);
    pours.poured(
        UUID.randomUUID().toString(),
        new PourRequest(
            List.of(
                new PourRequest.PouredFill(
                    product.id(),
                    lineId,
                    free.stream()
                        .map(c -> new PourRequest.CopyChoice(c.id(), c.version()))
                        .toList())),
            colourway.id(),
            null,
            sheet.layers().stream().map(this::poured).toList(),
            ROOM_C,
            Double.NaN,
            null,
            Double.NaN,
            Double.NaN,
            null,
            null),
        at);
    forget();
    return sheet.fills().get(0).copies().get(0).layerKg().stream()
        .mapToDouble(Double::doubleValue)
        .sum();
  }

  private PourRequest.PouredLayer poured(SheetView.SheetLayer layer) {
    return new PourRequest.PouredLayer(
        layer.lines().stream()
            .map(l -> new PourRequest.Weighing(l.materialId(), l.massKg() * wobble(), null))
            .toList());
  }

  /** What a scale and a hand make of a figure: within about one percent. */
  private double wobble() {
    return 1 + scale.nextGaussian() * 0.004;
  }
}
