package ironshelf.shelf;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;

import ironshelf.core.route.Board;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Gate;
import ironshelf.core.route.RouteStep;
import ironshelf.core.route.Stand;
import ironshelf.cure.CureService;
import ironshelf.mould.DrawnMould;
import ironshelf.piece.LivePiece;
import ironshelf.piece.PieceService;
import ironshelf.pour.PourReader;
import ironshelf.pour.Returning;
import ironshelf.pour.WaitingLayer;
import ironshelf.pour.Ways;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is out of its mould and on its way, or ready. */
@Component
class OutOfMould {

  /** Pieces ready for longer are no longer shown: dispatch will take them off the shelf. */
  private static final Duration SHOWN = Duration.ofDays(60);

  private final PieceService pieces;
  private final PourReader pours;
  private final RecipeService recipes;
  private final Ways ways;
  private final CureService cure;
  private final Joins joins;
  private final Returning returning;

  OutOfMould(
      PieceService pieces,
      PourReader pours,
      RecipeService recipes,
      Ways ways,
      CureService cure,
      Joins joins,
      Returning returning) {
    this.pieces = pieces;
    this.pours = pours;
    this.recipes = recipes;
    this.ways = ways;
    this.cure = cure;
    this.joins = joins;
    this.returning = returning;
  }

  List<ShelfView.ShelfGroup> groups(Map<Long, DrawnMould> moulds, Instant now) {
    List<LivePiece> live = pieces.live(now.minus(SHOWN));
    Ways.Known known = ways.known();
    Map<Long, ColourwayView> colourways = recipes.allColourways();
    Map<Long, Instant> green = greenUntil(live, known);
    Map<Long, WaitingLayer> again = new HashMap<>();
    if (live.stream().anyMatch(p -> isPouredNext(p, known))) {
      returning.all().forEach(w -> w.pieceIds().forEach(id -> again.put(id, w)));
    }
    return live.stream()
        .collect(groupingBy(OutOfMould::together, LinkedHashMap::new, toList()))
        .entrySet()
        .stream()
        .map(
            e -> {
              ProductView product = known.products().get(e.getValue().get(0).productId());
              return group(
                  e.getKey(),
                  e.getValue(),
                  known,
                  moulds.get(product.mouldId()),
                  product,
                  colourways.get(e.getValue().get(0).colourwayId()),
                  green,
                  again.get(e.getValue().get(0).id()),
                  now);
            })
        .toList();
  }

  private static boolean isPouredNext(LivePiece piece, Ways.Known known) {
    return piece.readyAt() == null
        && known.gate(piece).map(g -> g.kind().has(Effect.POURS)).orElse(false);
  }

  private static String together(LivePiece p) {
    return p.readyAt() != null
        ? "ready-" + p.productId() + "-" + p.colourwayId()
        : "out-"
            + p.pourId()
            + "-"
            + p.productId()
            + "-"
            + p.stepNo()
            + "-"
            + p.round()
            + "-"
            + p.doneAt().toEpochMilli();
  }

  /** Until when what is to be trimmed is green: it goes on hardening as it did in its mould. */
  private Map<Long, Instant> greenUntil(Collection<LivePiece> live, Ways.Known known) {
    List<Long> castIds =
        live.stream()
            .filter(p -> p.readyAt() == null)
            .filter(p -> known.gate(p).map(g -> g.kind().has(Effect.WHILE_GREEN)).orElse(false))
            .map(LivePiece::castId)
            .distinct()
            .toList();
    if (castIds.isEmpty()) {
      return Map.of();
    }
    CureService.Gates gates = cure.gates();
    Map<Long, RecipeView> byId = recipes.allRecipes();
    Map<Long, Instant> until = new HashMap<>();
    pours
        .facts(castIds)
        .forEach(
            (castId, facts) -> {
              RecipeView recipe = byId.get(facts.recipeId());
              until.put(
                  castId,
                  gates
                      .gate(facts.stays(), recipe.demouldAgeH(), recipe.greenUntilAgeH())
                      .greenUntil());
            });
    return until;
  }

  private ShelfView.ShelfGroup group(
      String key,
      List<LivePiece> own,
      Ways.Known known,
      DrawnMould mould,
      ProductView product,
      ColourwayView colourway,
      Map<Long, Instant> green,
      @Nullable WaitingLayer again,
      Instant now) {
    LivePiece first = own.get(0);
    boolean ready = first.readyAt() != null;
    @Nullable Gate gate = ready ? null : known.gate(first).orElse(null);
    Stand stand = ready ? new Stand(Board.READY, null) : known.stand(first, now);
    @Nullable RouteStep step =
        gate == null ? null : known.way(first.routeId()).steps().get(gate.stepNo());
    @Nullable Instant bestUntil = gate == null ? null : gate.bestUntil();
    if (gate != null && gate.kind().has(Effect.WHILE_GREEN) && green.containsKey(first.castId())) {
      bestUntil = green.get(first.castId());
    }
    return new ShelfView.ShelfGroup(
        key,
        stand.board(),
        stand.station(),
        null,
        product.id(),
        product.name(),
        colourway.name(),
        colourway.swatch(),
        mould.id(),
        ready ? null : first.pourId(),
        own.size(),
        first.doneAt(),
        first.routeId(),
        gate == null ? null : gate.kind().code(),
        gate == null ? null : ShelfView.StepWords.of(gate.kind()),
        gate == null ? 0 : gate.stepNo(),
        gate == null ? 1 : gate.round(),
        step == null ? 1 : step.times(),
        gate == null ? null : gate.earliest(),
        bestUntil,
        null,
        step == null ? 0 : step.attendedMin() * own.size(),
        mould.capacityL() / mould.cavities() * own.size(),
        again,
        own.stream().map(LivePiece::id).toList(),
        List.of(),
        step == null ? List.of() : joins.wanted(step, own.size(), known),
        List.of());
  }
}
