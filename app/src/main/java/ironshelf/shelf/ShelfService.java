package ironshelf.shelf;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import ironshelf.copy.CastService;
import ironshelf.copy.CastView;
import ironshelf.core.mould.Section;
import ironshelf.cure.CureService;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.piece.OutOfMould;
import ironshelf.piece.PieceService;
import ironshelf.pour.PourFacts;
import ironshelf.pour.PourReader;
import ironshelf.pour.WaitingLayer;
import ironshelf.pour.WaitingLayers;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.ColourwayView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.workshop.WorkshopService;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the shelf from the facts. */
@Service
@Transactional(readOnly = true)
public class ShelfService {

  /** Dry pieces older than this are no longer shown: dispatch will take them off the shelf. */
  private static final Duration SHOWN = Duration.ofDays(60);

  private final WorkshopService workshop;
  private final MouldService moulds;
  private final CastService castings;
  private final PourReader pours;
  private final WaitingLayers waiting;
  private final PieceService pieces;
  private final ProductService products;
  private final RecipeService recipes;
  private final CureService cure;
  private final Clock clock;

  ShelfService(
      WorkshopService workshop,
      MouldService moulds,
      CastService castings,
      PourReader pours,
      WaitingLayers waiting,
      PieceService pieces,
      ProductService products,
      RecipeService recipes,
      CureService cure,
      Clock clock) {
    this.workshop = workshop;
    this.moulds = moulds;
    this.castings = castings;
    this.pours = pours;
    this.waiting = waiting;
    this.pieces = pieces;
    this.products = products;
    this.recipes = recipes;
    this.cure = cure;
    this.clock = clock;
  }

  public ShelfView shelf() {
    Instant now = clock.instant();
    Known known = known();
    List<ShelfView.ShelfGroup> groups = new ArrayList<>(inMould(known));
    groups.addAll(outOfMould(known, now));
    int copies =
        known.moulds.values().stream()
            .mapToInt(m -> (int) m.copies().stream().filter(c -> c.condition().isInUse()).count())
            .sum();
    int held =
        groups.stream().filter(g -> g.board() == Board.MOULD).mapToInt(g -> g.casts().size()).sum();
    return new ShelfView(now, copies, held, workshop.view().roomC(), List.copyOf(groups));
  }

  /** When what is in a cast may come out. */
  CureService.Gate gate(PourFacts pour) {
    return gate(pour, recipes.recipe(pour.recipeId()));
  }

  private CureService.Gate gate(PourFacts pour, RecipeView recipe) {
    return cure.gate(pour.pouredAt(), pour.roomC(), recipe.demouldAgeH(), recipe.greenUntilAgeH());
  }

  private List<ShelfView.ShelfGroup> inMould(Known known) {
    Map<Long, CastView> held =
        castings.held().stream().collect(toMap(CastView::id, c -> c, (a, b) -> a, TreeMap::new));
    Map<Long, WaitingLayer> waitingByCast = new HashMap<>();
    waiting.all().forEach(w -> w.castIds().forEach(castId -> waitingByCast.put(castId, w)));
    return pours.facts(held.keySet()).values().stream()
        .collect(groupingBy(f -> List.of(f.sessionId(), f.productId())))
        .values()
        .stream()
        .map(
            facts -> {
              List<CastView> casts = facts.stream().map(f -> held.get(f.castId())).toList();
              return inMould(known, facts.get(0), casts, waitingByCast.get(casts.get(0).id()));
            })
        .sorted(Comparator.comparing(ShelfView.ShelfGroup::gateAt))
        .toList();
  }

  private ShelfView.ShelfGroup inMould(
      Known known, PourFacts facts, List<CastView> casts, @Nullable WaitingLayer next) {
    ProductView product = known.products.get(facts.productId());
    int cavities = known.moulds.get(product.mouldId()).shape().cavities();
    CureService.Gate gate = gate(facts, known.recipes.get(facts.recipeId()));
    return known.group(
        "pour-" + facts.sessionId() + "-" + product.id(),
        Board.MOULD,
        product,
        facts.colourwayId(),
        facts.sessionId(),
        casts.size() * cavities,
        facts.pouredAt(),
        next == null ? gate.readyAt() : next.mayStartAt(),
        next == null ? gate.greenUntil() : null,
        next,
        casts.stream()
            .map(
                c ->
                    new ShelfView.ShelfCast(
                        c.id(), c.version(), c.copyId(), c.copyCode(), cavities))
            .toList());
  }

  private List<ShelfView.ShelfGroup> outOfMould(Known known, Instant now) {
    Map<String, ShelfView.ShelfGroup> byKey = new LinkedHashMap<>();
    for (OutOfMould out : pieces.outOfMould(now.minus(SHOWN))) {
      ProductView product = known.products.get(out.productId());
      double sealAfterH = known.latest.get(product.recipeId()).sealAfterH();
      Instant dryAt = out.demouldedAt().plus(Duration.ofSeconds(Math.round(sealAfterH * 3600)));
      boolean dry = !dryAt.isAfter(now);
      ShelfView.ShelfGroup group =
          known.group(
              dry
                  ? "dry-" + out.productId() + "-" + out.colourwayId()
                  : "drying-" + out.pourId() + "-" + out.demouldedAt().getEpochSecond(),
              dry ? Board.DRY : Board.DRYING,
              product,
              out.colourwayId(),
              dry ? null : out.pourId(),
              (int) out.count(),
              out.demouldedAt(),
              dry ? null : dryAt,
              null,
              null,
              List.of());
      byKey.merge(group.key(), group, (a, b) -> known.withPieces(a, a.pieces() + b.pieces()));
    }
    return List.copyOf(byKey.values());
  }

  private Known known() {
    Map<Long, MouldView> byId = new LinkedHashMap<>();
    moulds.moulds("", Pageable.unpaged()).items().forEach(m -> byId.put(m.id(), m));
    return new Known(
        byId, products.all(), recipes.allRecipes(), recipes.allLatest(), recipes.allColourways());
  }

  /** What the groups are named and drawn from, read once. */
  private record Known(
      Map<Long, MouldView> moulds,
      Map<Long, ProductView> products,
      Map<Long, RecipeView> recipes,
      Map<Long, RecipeView> latest,
      Map<Long, ColourwayView> colourways) {

    ShelfView.ShelfGroup group(
        String key,
        Board board,
        ProductView product,
        long colourwayId,
        @Nullable Long pourId,
        int pieces,
        Instant since,
        @Nullable Instant gateAt,
        @Nullable Instant greenUntil,
        @Nullable WaitingLayer next,
        List<ShelfView.ShelfCast> casts) {
      ColourwayView colourway = colourways.get(colourwayId);
      Section section = moulds.get(product.mouldId()).section();
      return new ShelfView.ShelfGroup(
          key,
          board,
          product.id(),
          product.name(),
          colourway.name(),
          colourway.swatch(),
          product.mouldId(),
          section,
          pourId,
          pieces,
          since,
          gateAt,
          greenUntil,
          next,
          casts);
    }

    ShelfView.ShelfGroup withPieces(ShelfView.ShelfGroup g, int pieces) {
      return new ShelfView.ShelfGroup(
          g.key(),
          g.board(),
          g.productId(),
          g.product(),
          g.colourway(),
          g.swatch(),
          g.mouldId(),
          g.section(),
          g.pourId(),
          pieces,
          g.since(),
          g.gateAt(),
          g.greenUntil(),
          g.next(),
          g.casts());
    }
  }
}
