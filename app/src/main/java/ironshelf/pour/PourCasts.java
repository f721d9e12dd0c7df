package ironshelf.pour;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.toMap;

import ironshelf.copy.CastService;
import ironshelf.copy.CastView;
import ironshelf.copy.CopyView;
import ironshelf.core.pour.script.PourState;
import ironshelf.core.pour.script.PourState.CopyState;
import ironshelf.http.problem.ProblemException;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.order.AllotmentService;
import ironshelf.piece.LivePiece;
import ironshelf.piece.MouldReturns;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.piece.StepDone;
import ironshelf.pour.record.Pour;
import ironshelf.pour.record.PourFill;
import ironshelf.pour.record.PourFillRepository;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.route.RouteService;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Castings and pieces as the state of a pour says. */
@Component
class PourCasts {

  private final PourFillRepository fills;
  private final CastService castings;
  private final PieceService pieces;
  private final MouldReturns returns;
  private final Returning returning;
  private final AllotmentService allotments;
  private final ProductService products;
  private final MouldService moulds;
  private final RouteService routes;

  PourCasts(
      PourFillRepository fills,
      CastService castings,
      PieceService pieces,
      MouldReturns returns,
      Returning returning,
      AllotmentService allotments,
      ProductService products,
      MouldService moulds,
      RouteService routes) {
    this.fills = fills;
    this.castings = castings;
    this.pieces = pieces;
    this.returns = returns;
    this.returning = returning;
    this.allotments = allotments;
    this.products = products;
    this.moulds = moulds;
    this.routes = routes;
  }

  void settle(
      Pour first,
      Map<String, Pour> rows,
      Meant meant,
      List<Meant.MeantCopy> copies,
      PourState state,
      Instant at) {
    List<PourFill> before =
        fills.findByPourIdInOrderById(rows.values().stream().map(Pour::id).toList());
    Map<Long, CastView> known =
        castings.byIds(before.stream().map(f -> f.view().castId()).distinct().toList()).stream()
            .collect(toMap(CastView::copyId, c -> c, (a, b) -> a, LinkedHashMap::new));
    Map<String, CopyState> filled =
        state.copies().stream()
            .filter(c -> !c.mixes().isEmpty())
            .collect(toMap(CopyState::copy, c -> c, (a, b) -> a, LinkedHashMap::new));
    Map<Long, CostOnTheDay> costs = new HashMap<>();
    before.stream()
        .map(PourFill::view)
        .forEach(f -> costs.put(f.castId(), new CostOnTheDay(f.wearEach(), f.goodsEach())));
    fills.deleteAll(before);
    fills.flush();
    if (meant.isFresh()) {
      unfill(first, copies, known, filled.keySet(), at);
    }
    begin(first, meant, copies, filled.keySet(), known, at);
    for (Meant.MeantCopy copy : copies) {
      CopyState now = filled.get(copy.key());
      if (now != null) {
        CastView cast = requireNonNull(known.get(copy.copyId()));
        if (Boolean.TRUE.equals(meant.again())) {
          putBack(meant, copy, cast, now, at);
        } else if (meant.firstLayer() == 0) {
          make(first, colourway(meant, now, state), copy, cast, now, at);
        }
        save(rows, meant, copy, cast, now, state, costs);
      }
    }
  }

  /** Copies that hold nothing of it any more: they never did. */
  private void unfill(
      Pour first,
      List<Meant.MeantCopy> copies,
      Map<Long, CastView> known,
      Set<String> filled,
      Instant at) {
    Set<Long> kept =
        copies.stream()
            .filter(c -> filled.contains(c.key()))
            .map(Meant.MeantCopy::copyId)
            .collect(Collectors.toSet());
    List<Long> gone =
        known.values().stream().filter(c -> !kept.contains(c.copyId())).map(CastView::id).toList();
    if (gone.isEmpty()) {
      return;
    }
    if (!castings.allHeld(gone)) {
      throw ProblemException.conflict("pour.goneOn", Map.of("pour", first.id()));
    }
    empty(gone, at);
  }

  /** What was put into these is as it was before; what was made in them never was. */
  void empty(List<Long> castIds, Instant at) {
    Set<Long> returned = returns.takeBack(castIds, at);
    List<Long> made = castIds.stream().filter(id -> !returned.contains(id)).toList();
    allotments.free(pieces.ofCasts(made).stream().map(PieceView::id).toList());
    pieces.unmake(made);
    castings.unfill(castIds);
  }

  /** Puts the pieces in that wait for it the longest, one for each cavity. */
  private void putBack(
      Meant meant, Meant.MeantCopy copy, CastView cast, CopyState now, Instant at) {
    if (pieces.countOf(cast.id()) == now.cavities()) {
      return;
    }
    returns.takeBack(List.of(cast.id()), at);
    List<Returning.Waiting> waiting =
        returning.of(copy.productId(), meant.colourwayId(), meant.firstLayer());
    if (waiting.size() < now.cavities()) {
      throw ProblemException.conflict(
          "layer.noPieces",
          Map.of(
              "product", products.product(copy.productId()).name(),
              "layer", meant.sheet().layers().get(0).name(),
              "wanted", now.cavities(),
              "value", waiting.size()));
    }
    Map<LivePiece, Integer> chosen = new LinkedHashMap<>();
    waiting.subList(0, now.cavities()).forEach(w -> chosen.put(w.piece(), w.gate().stepNo()));
    String step = waiting.get(0).gate().kind().code();
    returns.putBack(
        cast.id(), chosen, new StepDone(step, at, meant.earlyReason(), null, false, null));
  }

  /** New castings, a product's at once; a later layer goes onto what waits in its copy. */
  private void begin(
      Pour first,
      Meant meant,
      List<Meant.MeantCopy> copies,
      Set<String> filled,
      Map<Long, CastView> known,
      Instant at) {
    if (!meant.isFresh()) {
      copies.stream()
          .filter(c -> filled.contains(c.key()) && !known.containsKey(c.copyId()))
          .forEach(c -> refuseTwice(meant, c));
    }
    Map<Long, List<Meant.MeantCopy>> fresh =
        copies.stream()
            .filter(c -> filled.contains(c.key()) && !known.containsKey(c.copyId()))
            .collect(Collectors.groupingBy(Meant.MeantCopy::productId));
    fresh.forEach(
        (productId, of) -> {
          if (!meant.isFresh()) {
            of.forEach(c -> known.put(c.copyId(), castings.heldIn(c.copyId())));
          } else {
            fill(first, productId, meant.firstLayer(), of, at)
                .forEach(c -> known.put(c.copyId(), c));
          }
        });
  }

  /** A layer comes of one pour: another bench may have been quicker. */
  private void refuseTwice(Meant meant, Meant.MeantCopy copy) {
    long cast = castings.heldIn(copy.copyId()).id();
    if (fills.findByCastIdInOrderByLayerNo(List.of(cast)).stream()
        .anyMatch(f -> f.view().layerNo() >= meant.firstLayer())) {
      throw ProblemException.conflict(
          "layer.notWaiting",
          Map.of("copy", copy.key(), "layer", meant.sheet().layers().get(0).name()));
    }
  }

  private List<CastView> fill(
      Pour first, long productId, int firstLayer, List<Meant.MeantCopy> copies, Instant at) {
    ProductView product = products.product(productId);
    MouldView mould = moulds.mould(product.mouldOf(firstLayer));
    Map<Long, Long> now = mould.copies().stream().collect(toMap(CopyView::id, CopyView::version));
    Map<Long, Long> versions = new LinkedHashMap<>();
    for (Meant.MeantCopy copy : copies) {
      Long version = copy.version() != null ? copy.version() : now.get(copy.copyId());
      if (version == null) {
        throw ProblemException.unknown("copy", copy.copyId());
      }
      versions.put(copy.copyId(), version);
    }
    return castings.fill(
        new CastService.Filling(mould.id(), mould.name(), product.name(), first.id(), at),
        versions);
  }

  /** As ordered; of the bowl that was split off where most of it came from there. */
  private static long colourway(Meant meant, CopyState copy, PourState state) {
    Map<Long, Double> kg = new LinkedHashMap<>();
    for (PourState.BatchState batch : state.batches()) {
      long colourway = batch.colour() == null ? meant.colourwayId() : SheetKeys.id(batch.colour());
      for (PourState.MixState mix : batch.mixes()) {
        kg.merge(colourway, copy.mixes().getOrDefault(mix.mix(), 0.0), Double::sum);
      }
    }
    return kg.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse(meant.colourwayId());
  }

  /** As many pieces as cavities were filled, in the colour that they have. */
  private void make(
      Pour first,
      long colourwayId,
      Meant.MeantCopy copy,
      CastView cast,
      CopyState now,
      Instant at) {
    List<PieceView> made = pieces.ofCasts(List.of(cast.id()));
    if (made.size() == now.cavities()
        && made.stream().allMatch(p -> p.colourwayId() == colourwayId)) {
      return;
    }
    if (!made.isEmpty()) {
      allotments.free(made.stream().map(PieceView::id).toList());
      pieces.unmake(List.of(cast.id()));
    }
    List<Long> ids =
        pieces
            .make(
                cast.id(),
                first.id(),
                copy.productId(),
                colourwayId,
                routes.current(copy.productId()).id(),
                now.cavities())
            .stream()
            .map(PieceView::id)
            .toList();
    if (copy.lineId() != null) {
      allotments.allot(copy.lineId(), ids, at);
    }
  }

  /** What wear and other goods of a piece cost when it was poured; null where not known. */
  private record CostOnTheDay(@Nullable BigDecimal wearEach, @Nullable BigDecimal goodsEach) {}

  private CostOnTheDay costOf(long productId, int firstLayer) {
    ProductView product = products.product(productId);
    return new CostOnTheDay(
        moulds.mould(product.mouldOf(firstLayer)).wearPerPiece(), product.goods());
  }

  /** What it has of each bowl, in litres: together what it holds. */
  private void save(
      Map<String, Pour> rows,
      Meant meant,
      Meant.MeantCopy copy,
      CastView cast,
      CopyState now,
      PourState state,
      Map<Long, CostOnTheDay> costs) {
    Map<String, Double> litres = new LinkedHashMap<>();
    Map<String, Integer> layerNo = new LinkedHashMap<>();
    for (PourState.BatchState batch : state.batches()) {
      for (int i = 0; i < batch.mixes().size(); i++) {
        PourState.MixState mix = batch.mixes().get(i);
        Double kg = now.mixes().get(mix.mix());
        if (kg != null) {
          litres.put(mix.mix(), mix.inKg() > 0 ? kg * mix.inL() / mix.inKg() : 0);
          int last = meant.layerColourwayIds().size() - 1;
          layerNo.put(mix.mix(), meant.firstLayer() + (batch.mixes().size() > 1 ? i : last));
        }
      }
    }
    double all = litres.values().stream().mapToDouble(Double::doubleValue).sum();
    CostOnTheDay cost = costs.getOrDefault(cast.id(), costOf(copy.productId(), meant.firstLayer()));
    List<PourFill> own = new ArrayList<>();
    litres.forEach(
        (mix, of) ->
            own.add(
                new PourFill(
                    requireNonNull(rows.get(mix)).id(),
                    cast.id(),
                    copy.productId(),
                    copy.lineId(),
                    requireNonNull(layerNo.get(mix)),
                    all > 0 ? of * now.litres() / all : now.litres() / litres.size(),
                    now.measured() ? now.mixes().get(mix) : null,
                    cost.wearEach(),
                    cost.goodsEach())));
    fills.saveAll(own);
  }
}
