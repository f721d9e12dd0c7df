package ironshelf.shelf;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import ironshelf.copy.CastService;
import ironshelf.copy.CastView;
import ironshelf.core.cure.Stay;
import ironshelf.core.route.Board;
import ironshelf.core.route.Gate;
import ironshelf.core.route.Route;
import ironshelf.cure.CureService;
import ironshelf.cure.CureWarnings;
import ironshelf.cure.Temperatures;
import ironshelf.http.problem.Catalogue;
import ironshelf.mould.DrawnMould;
import ironshelf.piece.LivePiece;
import ironshelf.piece.PieceService;
import ironshelf.pour.PourReader;
import ironshelf.pour.WaitingLayer;
import ironshelf.pour.Ways;
import ironshelf.pour.record.PourFacts;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.route.RouteService;
import ironshelf.route.RouteView;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What stands in its mould, and when it may come out. */
@Component
class InMould {

  /** What its first day is warned of is history after it; the piece's page tells it. */
  private static final Duration FIRST_DAY = Duration.ofDays(1);

  private final CastService castings;
  private final PourReader pours;
  private final ProductService products;
  private final RecipeService recipes;
  private final RouteService routes;
  private final CureService cure;
  private final PieceService pieces;
  private final Ways ways;
  private final CureWarnings warnings;
  private final Catalogue catalogue;
  private final Clock clock;

  InMould(
      CastService castings,
      PourReader pours,
      ProductService products,
      RecipeService recipes,
      RouteService routes,
      CureService cure,
      PieceService pieces,
      Ways ways,
      CureWarnings warnings,
      Catalogue catalogue,
      Clock clock) {
    this.castings = castings;
    this.pours = pours;
    this.products = products;
    this.recipes = recipes;
    this.routes = routes;
    this.cure = cure;
    this.pieces = pieces;
    this.ways = ways;
    this.warnings = warnings;
    this.catalogue = catalogue;
    this.clock = clock;
  }

  /** When what is in a cast may come out: as its route says, or at its recipe's age. */
  CureService.DemouldGate gate(PourFacts pour, @Nullable LivePiece piece, Ways.Known known) {
    RecipeView recipe = recipes.recipe(pour.recipeId());
    return known.held(
        piece, pour, cure.gate(pour.stays(), recipe.demouldAgeH(), recipe.greenUntilAgeH()));
  }

  /** How a piece of each cast stands in its mould, by the cast. */
  Map<Long, LivePiece> standing(Collection<Long> castIds) {
    return byCast(pours.facts(castIds));
  }

  private Map<Long, LivePiece> byCast(Map<Long, PourFacts> facts) {
    Map<Long, LivePiece> byCast = new HashMap<>();
    live(facts.values()).forEach(p -> byCast.putIfAbsent(p.castId(), p));
    return byCast;
  }

  /** Pieces in their moulds, each with what was last done to it there, from its last layer on. */
  List<LivePiece> live(Collection<PourFacts> facts) {
    return facts.isEmpty()
        ? List.of()
        : pieces.inMould(facts.stream().collect(toMap(PourFacts::castId, PourFacts::pouredAt)));
  }

  List<ShelfView.ShelfGroup> groups(Map<Long, DrawnMould> moulds) {
    Map<Long, CastView> held =
        castings.held().stream()
            .collect(toMap(CastView::id, identity(), (a, b) -> a, TreeMap::new));
    Map<Long, WaitingLayer> waitingByCast = new HashMap<>();
    PourReader.InCasts inCasts = pours.inCasts(held.keySet());
    inCasts.waiting().forEach(w -> w.castIds().forEach(castId -> waitingByCast.put(castId, w)));
    Known known =
        new Known(
            moulds,
            products.all(),
            recipes.allRecipes(),
            recipes.allColourways(),
            routes.allCurrent(),
            ways.known(),
            live(inCasts.facts().values()).stream().collect(groupingBy(LivePiece::castId)),
            cure.gates());
    return inCasts.facts().values().stream()
        .collect(groupingBy(f -> together(f, known)))
        .values()
        .stream()
        .map(
            facts -> {
              List<CastView> casts = facts.stream().map(f -> held.get(f.castId())).toList();
              return group(known, facts.get(0), casts, waitingByCast.get(casts.get(0).id()));
            })
        .sorted(Comparator.comparing(ShelfView.ShelfGroup::gateAt))
        .toList();
  }

  private static List<Object> together(PourFacts facts, Known known) {
    LivePiece piece = known.first(facts.castId());
    return List.of(
        facts.sessionId(),
        facts.productId(),
        place(facts),
        piece == null ? 0 : piece.routeId(),
        piece == null || piece.lastStepId() == null ? Instant.EPOCH : piece.doneAt(),
        piece == null ? 0 : piece.stepNo());
  }

  private static String place(PourFacts facts) {
    List<Stay> stays = facts.stays();
    return stays.get(stays.size() - 1).place();
  }

  private ShelfView.ShelfGroup group(
      Known known, PourFacts facts, List<CastView> casts, @Nullable WaitingLayer next) {
    ProductView product = known.products.get(facts.productId());
    DrawnMould mould = known.moulds.get(casts.get(0).mouldId());
    RecipeView recipe = known.recipes.get(facts.recipeId());
    ColourwayView colourway = known.colourways.get(facts.colourwayId());
    CureService.DemouldGate gate =
        known.ways.held(
            known.first(facts.castId()),
            facts,
            known.gates.gate(facts.stays(), recipe.demouldAgeH(), recipe.greenUntilAgeH()));
    int cavities = mould.cavities();
    int pieces = casts.size() * cavities;
    String place = place(facts);
    LivePiece first = known.first(facts.castId());
    long routeId = first == null ? known.current.get(product.id()).id() : first.routeId();
    Route route = known.ways.way(routeId);
    int stepNo = first == null ? 0 : first.stepNo();
    Gate undone = first == null || next != null ? null : known.ways.undone(first);
    int no = next != null ? 0 : undone != null ? undone.stepNo() : route.demouldNo(stepNo);
    double attendedMin =
        route.steps().get(next != null ? route.demouldNo(stepNo) : no).attendedMin();
    return new ShelfView.ShelfGroup(
        "pour-"
            + facts.sessionId()
            + "-"
            + product.id()
            + "-"
            + place
            + (first == null || first.lastStepId() == null ? "" : "-" + first.lastStepId()),
        Board.WET,
        place.equals(Temperatures.ROOM) ? null : place,
        place,
        product.id(),
        product.name(),
        colourway.name(),
        colourway.swatch(),
        mould.id(),
        facts.sessionId(),
        pieces,
        facts.pouredAt(),
        routeId,
        route.kind(no).code(),
        ShelfView.StepWords.of(route.kind(no)),
        no,
        undone == null ? 1 : undone.round(),
        undone == null ? 1 : route.steps().get(no).times(),
        undone != null ? undone.earliest() : next == null ? gate.readyAt() : next.mayStartAt(),
        undone != null ? undone.bestUntil() : next == null ? gate.greenUntil() : null,
        next == null && undone == null ? gate.usuallyAt() : null,
        attendedMin * pieces,
        mould.capacityL() * casts.size(),
        next,
        undone == null
            ? List.of()
            : casts.stream()
                .flatMap(c -> known.live.get(c.id()).stream())
                .map(LivePiece::id)
                .toList(),
        casts.stream()
            .map(
                c ->
                    new ShelfView.ShelfCast(
                        c.id(), c.version(), c.copyId(), c.copyCode(), cavities))
            .toList(),
        List.of(),
        facts.pouredAt().plus(FIRST_DAY).isAfter(clock.instant())
            ? catalogue.views(
                warnings.of(
                    known.gates.lookFor(facts.stays()), facts.stays(), recipe.strengthClass()))
            : List.of());
  }

  /** What the groups are named and drawn from, read once. */
  private record Known(
      Map<Long, DrawnMould> moulds,
      Map<Long, ProductView> products,
      Map<Long, RecipeView> recipes,
      Map<Long, ColourwayView> colourways,
      Map<Long, RouteView> current,
      Ways.Known ways,
      Map<Long, List<LivePiece>> live,
      CureService.Gates gates) {
    private @Nullable LivePiece first(long castId) {
      List<LivePiece> own = live.get(castId);
      return own == null ? null : own.get(0);
    }
  }
}
