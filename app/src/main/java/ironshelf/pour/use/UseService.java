package ironshelf.pour.use;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;

import ironshelf.core.piece.PieceCost;
import ironshelf.http.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.pour.PourReader;
import ironshelf.pour.PourTaken;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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

  /** Rows of the latest pieces only, or the list has no end. */
  private static final int MOST_PIECES = 60;

  private final UseLedger ledger;
  private final CostService costs;
  private final PourReader pours;
  private final MaterialService materials;
  private final ProductService products;
  private final PieceService pieces;
  private final RecipeService recipes;
  private final Clock clock;
  private final UntilChanged<List<UseView.ProductCost>> productCosts;

  UseService(
      UseLedger ledger,
      CostService costs,
      PourReader pours,
      MaterialService materials,
      ProductService products,
      PieceService pieces,
      RecipeService recipes,
      Clock clock,
      BookChanges changes) {
    this.ledger = ledger;
    this.costs = costs;
    this.pours = pours;
    this.materials = materials;
    this.products = products;
    this.pieces = pieces;
    this.recipes = recipes;
    this.clock = clock;
    this.productCosts = new UntilChanged<>(changes, () -> use(By.PRODUCT).costs());
  }

  /** The mean cost of each product's good pieces. */
  public List<UseView.ProductCost> costs() {
    return productCosts.get();
  }

  UseView use(By by) {
    UseLedger.Used used = ledger.used(pours.taken());
    List<UseLedger.Entry> entries = used.entries();
    Map<Long, MaterialView> names = materials(entries);
    Map<Long, ProductView> productsById = products.all();
    Map<String, List<UseLedger.Entry>> groups = new LinkedHashMap<>();
    for (UseLedger.Entry entry : by == By.PIECE ? latest(entries) : entries) {
      groups.computeIfAbsent(name(by, entry, productsById), name -> new ArrayList<>()).add(entry);
    }
    List<UseView.UseRow> rows = new ArrayList<>();
    groups.forEach((name, own) -> rows.addAll(rows(name, own, names)));
    rows.sort(
        Comparator.comparingDouble((UseView.UseRow r) -> Math.abs(r.driftPercent())).reversed());
    return new UseView(List.copyOf(rows), costs.byProduct(used));
  }

  private Map<Long, MaterialView> materials(List<UseLedger.Entry> entries) {
    return materials.byIds(entries.stream().map(UseLedger.Entry::materialId).distinct().toList());
  }

  private static List<UseLedger.Entry> latest(List<UseLedger.Entry> entries) {
    List<Long> ids =
        entries.stream()
            .map(e -> e.piece().id())
            .distinct()
            .sorted(Comparator.reverseOrder())
            .limit(MOST_PIECES)
            .toList();
    return entries.stream().filter(e -> ids.contains(e.piece().id())).toList();
  }

  private String name(By by, UseLedger.Entry entry, Map<Long, ProductView> productsById) {
    String product = productsById.get(entry.piece().productId()).name();
    return switch (by) {
      case PRODUCT -> product;
      case MONTH -> YearMonth.from(entry.pouredAt().atZone(clock.getZone())).toString();
      case POUR -> "pour " + entry.pourId();
      case PIECE -> product + ", piece " + entry.piece().id();
    };
  }

  private static List<UseView.UseRow> rows(
      String name, List<UseLedger.Entry> own, Map<Long, MaterialView> names) {
    int count = (int) own.stream().map(e -> e.piece().id()).distinct().count();
    Long onlyPiece = count == 1 ? own.get(0).piece().id() : null;
    List<UseView.UseRow> rows = new ArrayList<>();
    own.stream()
        .collect(groupingBy(UseLedger.Entry::materialId, LinkedHashMap::new, toList()))
        .forEach(
            (materialId, some) -> {
              BigDecimal asked = sum(some.stream().map(UseLedger.Entry::askedKg).toList());
              BigDecimal took = sum(some.stream().map(UseLedger.Entry::actualKg).toList());
              rows.add(
                  new UseView.UseRow(
                      name,
                      onlyPiece,
                      names.get(materialId).name(),
                      count,
                      asked,
                      took,
                      drift(asked, took),
                      took.divide(BigDecimal.valueOf(count), UseLedger.SCALE, RoundingMode.HALF_UP),
                      cost(some)));
            });
    return rows;
  }

  private static BigDecimal sum(List<BigDecimal> some) {
    return some.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  /** Of what a price is known of; null where none is. */
  private static @Nullable BigDecimal cost(List<UseLedger.Entry> some) {
    return some.stream()
        .map(UseLedger.Entry::cost)
        .filter(Objects::nonNull)
        .reduce(BigDecimal::add)
        .orElse(null);
  }

  private static double drift(BigDecimal asked, BigDecimal took) {
    return asked.signum() == 0 ? 0 : 100 * (took.doubleValue() / asked.doubleValue() - 1);
  }

  /** What one piece has in it, pour by pour, and what it cost. */
  PieceUse piece(long pieceId) {
    PieceView piece =
        pieces.byIds(List.of(pieceId)).stream()
            .findFirst()
            .orElseThrow(() -> ProblemException.unknown("piece", pieceId));
    ProductView product = products.product(piece.productId());
    List<PourTaken> own = pours.takenBy(piece.castId());
    UseLedger.Used used = ledger.used(own);
    UseLedger.Used of = used.of(p -> p.id() == pieceId);
    List<UseLedger.Entry> mine = of.entries();
    Map<Long, MaterialView> names = materials(mine);
    BigDecimal wasted = wasted(own, used.entries(), mine);
    PieceCost cost = costs.ofOne(piece, of);
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
        wasted,
        cost,
        cost.total(),
        product.price());
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
