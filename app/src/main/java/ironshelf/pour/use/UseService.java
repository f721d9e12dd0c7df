package ironshelf.pour.use;

import static java.util.stream.Collectors.toSet;

import ironshelf.core.piece.PieceCost;
import ironshelf.cure.CureWarnings;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.material.consumption.StepStock;
import ironshelf.piece.MouldReturns;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.pour.PourReader;
import ironshelf.pour.PourTaken;
import ironshelf.pour.record.PourFacts;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adds up what pours took. */
@Service
@Transactional(readOnly = true)
public class UseService {

  /** What the rows are added up by. */
  enum By {
    PRODUCT,
    MONTH,
    POUR,
    PIECE
  }

  /** Tables that say nothing of what things cost. */
  public static final Set<String> FREE = Set.of("acts", "photos", "plans", "readings");

  /** Rows of the latest pieces only, or the list has no end. */
  private static final int MOST_PIECES = 60;

  private final Bowls bowls;
  private final UseLedger ledger;
  private final CostService costs;
  private final PourReader pours;
  private final MaterialService materials;
  private final ProductService products;
  private final PieceService pieces;
  private final StepStock steps;
  private final CureWarnings warnings;
  private final Catalogue catalogue;
  private final MouldReturns returns;
  private final RecipeService recipes;
  private final Clock clock;
  private final CachedRead<List<UseView.ProductCost>> productCosts;

  /** Over all that was ever poured, once it was asked for. */
  private final CachedRead<Map<By, UseView>> uses;

  UseService(
      Bowls bowls,
      UseLedger ledger,
      CostService costs,
      PourReader pours,
      MaterialService materials,
      ProductService products,
      PieceService pieces,
      StepStock steps,
      CureWarnings warnings,
      Catalogue catalogue,
      MouldReturns returns,
      RecipeService recipes,
      Clock clock,
      TableVersions changes) {
    this.bowls = bowls;
    this.ledger = ledger;
    this.costs = costs;
    this.pours = pours;
    this.materials = materials;
    this.products = products;
    this.pieces = pieces;
    this.steps = steps;
    this.warnings = warnings;
    this.catalogue = catalogue;
    this.returns = returns;
    this.recipes = recipes;
    this.clock = clock;
    this.uses = changes.keepBut(ConcurrentHashMap::new, FREE);
    this.productCosts = changes.keepBut(() -> costs.byProduct(bowls.all()), FREE);
  }

  /** The mean cost of each product's good pieces. */
  public List<UseView.ProductCost> costs() {
    return productCosts.get();
  }

  /**
   * What was used.
   *
   * @param mostPours the latest of them, where it is told by pour
   */
  UseView use(By by, int mostPours) {
    return by == By.PRODUCT || by == By.MONTH
        ? uses.get().computeIfAbsent(by, b -> read(b, mostPours))
        : read(by, mostPours);
  }

  private UseView read(By by, int mostPours) {
    Map<String, UseGroup> groups =
        switch (by) {
          case PRODUCT, MONTH -> groups(by, bowls.all());
          case POUR -> groups(by, latest(bowls.all(), mostPours));
          case PIECE -> ofPieces();
        };
    Map<Long, MaterialView> names = materials.all();
    List<UseView.UseRow> rows = new ArrayList<>();
    groups.forEach((name, group) -> rows.addAll(group.rows(name, names)));
    rows.sort(
        Comparator.comparingDouble((UseView.UseRow r) -> Math.abs(r.driftPercent())).reversed());
    return new UseView(List.copyOf(rows), by == By.PRODUCT ? costs() : List.of());
  }

  private Map<String, UseGroup> groups(By by, List<Bowl> some) {
    Map<Long, ProductView> productsById = products.all();
    Map<String, UseGroup> groups = new LinkedHashMap<>();
    for (Bowl bowl : some) {
      String name =
          by == By.MONTH
              ? YearMonth.from(bowl.taken().pouredAt().atZone(clock.getZone())).toString()
              : "pour " + bowl.taken().sessionId();
      for (Bowl.Filled filled : bowl.filled()) {
        String of = by == By.PRODUCT ? productsById.get(filled.fill().productId()).name() : name;
        groups.computeIfAbsent(of, g -> new UseGroup()).add(filled);
      }
      for (Bowl.Row row : bowl.rows()) {
        String of = by == By.PRODUCT ? productsById.get(row.productId()).name() : name;
        groups.computeIfAbsent(of, g -> new UseGroup()).add(row);
      }
    }
    return groups;
  }

  private static List<Bowl> latest(List<Bowl> all, int mostPours) {
    Set<Long> sessions = new HashSet<>();
    List<Bowl> latest = new ArrayList<>();
    for (int i = all.size() - 1; i >= 0; i--) {
      if (sessions.size() == mostPours && !sessions.contains(all.get(i).taken().sessionId())) {
        break;
      }
      sessions.add(all.get(i).taken().sessionId());
      latest.add(all.get(i));
    }
    return latest;
  }

  /** Each of the latest pieces by itself. */
  private Map<String, UseGroup> ofPieces() {
    Map<Long, ProductView> productsById = products.all();
    Map<String, UseGroup> groups = new LinkedHashMap<>();
    List<PieceView> latest = pieces.latest(MOST_PIECES);
    Set<Long> ids = latest.stream().map(PieceView::id).collect(toSet());
    List<Long> castIds = latest.stream().map(PieceView::castId).distinct().toList();
    for (UseLedger.Used used : ledger.used(pours.takenInto(castIds))) {
      for (PieceView piece : used.pieces()) {
        if (ids.contains(piece.id())) {
          String name = productsById.get(piece.productId()).name() + ", piece " + piece.id();
          groups
              .computeIfAbsent(name, g -> new UseGroup())
              .add(Bowl.of(used.of(p -> p.id() == piece.id())));
        }
      }
    }
    return groups;
  }

  private static BigDecimal sum(List<BigDecimal> some) {
    return some.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  static double drift(BigDecimal asked, BigDecimal took) {
    return asked.signum() == 0 ? 0 : 100 * (took.doubleValue() / asked.doubleValue() - 1);
  }

  /** What one piece has in it, pour by pour, and what it cost. */
  PieceUse piece(long pieceId) {
    PieceView piece =
        pieces.byIds(List.of(pieceId)).stream()
            .findFirst()
            .orElseThrow(() -> ProblemException.unknown("piece", pieceId));
    ProductView product = products.product(piece.productId());
    List<PourTaken> own =
        returns.castsOf(piece).stream().flatMap(id -> pours.takenBy(id).stream()).toList();
    List<UseLedger.Used> used = ledger.used(own);
    List<UseLedger.Used> of = used.stream().map(u -> u.of(p -> p.id() == pieceId)).toList();
    List<UseLedger.Entry> mine = entries(of);
    Map<Long, MaterialView> names = materials.all();
    BigDecimal wasted = wasted(own, entries(used), mine);
    PieceCost cost = costs.ofOne(piece, of.stream().map(Bowl::of).toList());
    List<PieceUse.PartUse> parts =
        pieces.partsOf(pieceId).stream().map(p -> piece(p.id())).map(UseService::part).toList();
    return new PieceUse(
        piece,
        product.name(),
        recipes.colourway(piece.colourwayId()).name(),
        recipes.colourway(piece.colourwayId()).swatch(),
        mine.stream()
            .map(
                e ->
                    new PieceUse.PieceRow(
                        e.pourId(),
                        recipes.colourway(e.colourwayId()).name(),
                        names.get(e.materialId()).name(),
                        e.askedKg(),
                        e.actualKg(),
                        drift(e.askedKg(), e.actualKg()),
                        e.cost()))
            .toList(),
        steps.of(List.of(pieceId)).getOrDefault(pieceId, List.of()).stream()
            .map(t -> new PieceUse.StepRow(names.get(t.materialId()).name(), t.massKg(), t.cost()))
            .toList(),
        wasted,
        cost,
        parts,
        parts.stream().map(PieceUse.PartUse::total).reduce(cost.total(), BigDecimal::add),
        product.price(),
        firstDay(piece));
  }

  private List<String> firstDay(PieceView piece) {
    PourFacts facts = pours.facts(List.of(piece.castId())).get(piece.castId());
    if (facts == null || facts.pouredAt().plus(Duration.ofDays(1)).isAfter(clock.instant())) {
      return List.of();
    }
    Instant until = piece.demouldedAt() == null ? clock.instant() : piece.demouldedAt();
    return Stream.concat(
            warnings.of(facts.stays(), recipes.recipe(facts.recipeId()).strengthClass()).stream(),
            warnings.silence(facts.stays(), until).stream())
        .map(w -> catalogue.say(w.code().text() + ".past", "", w.params()))
        .toList();
  }

  private static PieceUse.PartUse part(PieceUse use) {
    PieceView piece = use.piece();
    return new PieceUse.PartUse(
        piece.id(), use.product(), use.colourway(), piece.pourId(), use.total());
  }

  private static List<UseLedger.Entry> entries(List<UseLedger.Used> used) {
    return used.stream().flatMap(u -> u.entries().stream()).toList();
  }

  /** The piece's part of what was left in the bowls; null where that was not weighed. */
  private static @Nullable BigDecimal wasted(
      List<PourTaken> own, List<UseLedger.Entry> all, List<UseLedger.Entry> mine) {
    List<BigDecimal> left = own.stream().map(PourTaken::leftKg).filter(Objects::nonNull).toList();
    if (left.size() < own.size()) {
      return null;
    }
    BigDecimal of = sum(all.stream().map(UseLedger.Entry::actualKg).toList());
    BigDecimal part = sum(mine.stream().map(UseLedger.Entry::actualKg).toList());
    return of.signum() == 0
        ? BigDecimal.ZERO
        : sum(left).multiply(part).divide(of, UseLedger.SCALE, RoundingMode.HALF_UP);
  }
}
