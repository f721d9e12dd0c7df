package ironshelf.pour;

import static java.util.stream.Collectors.toCollection;
import static java.util.stream.Collectors.toMap;

import ironshelf.copy.CastService;
import ironshelf.copy.CastView;
import ironshelf.core.cure.Stay;
import ironshelf.cure.CureService;
import ironshelf.cure.Temperatures;
import ironshelf.http.problem.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.material.Stock;
import ironshelf.order.AllotmentService;
import ironshelf.order.OrderService;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.pour.record.Pour;
import ironshelf.pour.record.PourFacts;
import ironshelf.pour.record.PourFill;
import ironshelf.pour.record.PourFillRepository;
import ironshelf.pour.record.PourFillView;
import ironshelf.pour.record.PourRepository;
import ironshelf.pour.record.WeighOut;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads pours that were made. */
@Service
@Transactional(readOnly = true)
public class PourReader {

  private final PourRepository pours;
  private final PourFillRepository fills;
  private final Fills allFills;
  private final WaitingLayers waiting;
  private final MaterialService materials;
  private final Stock stock;
  private final CastService castings;
  private final RecipeService recipes;
  private final ProductService products;
  private final OrderService orders;
  private final AllotmentService allotments;
  private final PieceService pieces;
  private final CureService cure;
  private final WasteBook waste;

  PourReader(
      PourRepository pours,
      PourFillRepository fills,
      Fills allFills,
      WaitingLayers waiting,
      MaterialService materials,
      Stock stock,
      CastService castings,
      RecipeService recipes,
      ProductService products,
      OrderService orders,
      AllotmentService allotments,
      PieceService pieces,
      CureService cure,
      WasteBook waste) {
    this.pours = pours;
    this.fills = fills;
    this.allFills = allFills;
    this.waiting = waiting;
    this.materials = materials;
    this.stock = stock;
    this.castings = castings;
    this.recipes = recipes;
    this.products = products;
    this.orders = orders;
    this.allotments = allotments;
    this.pieces = pieces;
    this.cure = cure;
    this.waste = waste;
  }

  public PourView view(long id) {
    Pour pour = pours.findById(id).orElseThrow(() -> ProblemException.unknown("pour", id));
    List<Pour> session =
        Stream.concat(Stream.of(pour), pours.findByBesideIdOrderById(id).stream()).toList();
    Map<Long, List<PourFillView>> byBowl = fillsOf(session.stream().map(Pour::id).toList());
    List<PourFillView> filled = own(session.stream().map(Pour::id).toList(), byBowl);
    List<Long> castIds = filled.stream().map(PourFillView::castId).distinct().toList();
    RecipeView recipe = recipes.recipe(pour.recipeId());
    PourFacts facts = facts(castIds).get(castIds.isEmpty() ? null : castIds.get(0));
    CureService.DemouldGate gate =
        cure.gate(
            facts == null ? List.of(new Stay(Temperatures.ROOM, pour.pouredAt())) : facts.stays(),
            recipe.demouldAgeH(),
            recipe.greenUntilAgeH());
    List<PieceView> made = pieces.ofCasts(castIds);
    Map<Long, ProductView> byId = products.all();
    return new PourView(
        id,
        filled.stream().map(f -> byId.get(f.productId()).name()).distinct().toList(),
        recipes.colourway(pour.colourwayId()).name(),
        pour.pouredAt(),
        gate.readyAt(),
        gate.greenUntil(),
        castings.byIds(castIds).stream().map(CastView::copyCode).toList(),
        made.size(),
        allotments.allottedOf(made.stream().map(PieceView::id).toList()),
        ordersOf(filled, linesOf(filled)),
        weighOuts(session),
        waiting.of(castIds),
        pour.undoneAt(),
        pour.who());
  }

  /** Pours in short, each with what was mixed beside it; in the order asked for. */
  public List<PourBrief> briefs(List<Long> ids) {
    Map<Long, Pour> byId = pours.findAllById(ids).stream().collect(toMap(Pour::id, p -> p));
    Map<Long, List<Long>> rows = new LinkedHashMap<>();
    ids.forEach(id -> rows.computeIfAbsent(id, k -> new ArrayList<>()).add(id));
    pours.findByBesideIdIn(ids).forEach(p -> rows.get(p.sessionId()).add(p.id()));
    Map<Long, List<PourFillView>> filled =
        fillsOf(rows.values().stream().flatMap(List::stream).toList());
    Map<Long, CastView> casts =
        castings
            .byIds(
                filled.values().stream()
                    .flatMap(List::stream)
                    .map(PourFillView::castId)
                    .distinct()
                    .toList())
            .stream()
            .collect(toMap(CastView::id, c -> c));
    Map<Long, ProductView> byProduct = products.all();
    Map<Long, OrderService.LineName> lines =
        linesOf(filled.values().stream().flatMap(List::stream).toList());
    return ids.stream()
        .map(id -> brief(byId.get(id), own(rows.get(id), filled), casts, byProduct, lines))
        .toList();
  }

  private static List<PourFillView> own(List<Long> rows, Map<Long, List<PourFillView>> filled) {
    return rows.stream().flatMap(r -> filled.getOrDefault(r, List.of()).stream()).toList();
  }

  private PourBrief brief(
      Pour pour,
      List<PourFillView> filled,
      Map<Long, CastView> casts,
      Map<Long, ProductView> byProduct,
      Map<Long, OrderService.LineName> lines) {
    return new PourBrief(
        pour.id(),
        pour.pouredAt(),
        pour.recipeId(),
        pour.colourwayId(),
        pour.undoneAt() != null,
        filled.stream().map(f -> byProduct.get(f.productId()).name()).distinct().toList(),
        filled.stream().map(f -> casts.get(f.castId()).copyCode()).distinct().toList(),
        ordersOf(filled, lines));
  }

  private Map<Long, OrderService.LineName> linesOf(List<PourFillView> filled) {
    List<Long> ids =
        filled.stream().map(PourFillView::lineId).filter(Objects::nonNull).distinct().toList();
    return ids.isEmpty() ? Map.of() : orders.lineNames(ids);
  }

  private static List<PourView.PouredFor> ordersOf(
      List<PourFillView> filled, Map<Long, OrderService.LineName> lines) {
    return filled.stream()
        .map(PourFillView::lineId)
        .filter(Objects::nonNull)
        .distinct()
        .map(lines::get)
        .map(line -> new PourView.PouredFor(line.orderId(), line.orderNumber()))
        .distinct()
        .toList();
  }

  private List<PourView.WeighOutView> weighOuts(List<Pour> session) {
    Map<Long, BigDecimal> asked = new LinkedHashMap<>();
    Map<Long, BigDecimal> actual = new LinkedHashMap<>();
    for (Pour pour : session) {
      for (WeighOut w : pour.weighOuts()) {
        asked.merge(w.materialId(), w.askedKg(), BigDecimal::add);
        actual.merge(w.materialId(), w.actualKg(), BigDecimal::add);
      }
    }
    Map<Long, MaterialView> byId = materials.byIds(asked.keySet());
    Map<Long, BigDecimal> remaining = stock.remainingKg(asked.keySet());
    return asked.keySet().stream()
        .map(
            materialId ->
                new PourView.WeighOutView(
                    materialId,
                    byId.get(materialId).name(),
                    asked.get(materialId),
                    actual.get(materialId),
                    remaining.get(materialId)))
        .toList();
  }

  /** What every pour that stands took, oldest first. */
  public List<PourTaken> taken() {
    return taken(pours.findByUndoneAtIsNullOrderById());
  }

  /** Of these the ones that stand. */
  public List<PourTaken> taken(Collection<Long> ids) {
    return taken(allFills.pours(ids).values().stream().filter(p -> p.undoneAt() == null).toList());
  }

  /** What went into these casts, and into others with them; oldest first. */
  public List<PourTaken> takenInto(Collection<Long> castIds) {
    return taken(
        allFills.ofCasts(castIds).values().stream()
            .flatMap(List::stream)
            .map(PourFillView::pourId)
            .collect(toCollection(TreeSet::new)));
  }

  private List<PourTaken> taken(List<Pour> some) {
    List<Long> ids = some.stream().map(Pour::id).toList();
    Map<Long, List<PourFillView>> byPour = fillsOf(ids);
    Map<Long, BigDecimal> thrown = waste.thrownKg(ids);
    return some.stream()
        .map(p -> taken(p, byPour.getOrDefault(p.id(), List.of()), thrown))
        .toList();
  }

  /** The pours with these numbers, each as it was. */
  public Map<Long, PourTaken> takenOf(Collection<Long> ids) {
    Map<Long, List<PourFillView>> byPour = fillsOf(ids);
    Map<Long, BigDecimal> thrown = waste.thrownKg(ids);
    return allFills.pours(ids).values().stream()
        .collect(toMap(Pour::id, p -> taken(p, byPour.getOrDefault(p.id(), List.of()), thrown)));
  }

  /** What the pours into a cast took, layer by layer. */
  public List<PourTaken> takenBy(long castId) {
    List<Long> ids =
        fills.findByCastIdInOrderByLayerNo(List.of(castId)).stream().map(PourFill::pourId).toList();
    Map<Long, List<PourFillView>> byPour = fillsOf(ids);
    Map<Long, Pour> byId = pours.findAllById(ids).stream().collect(toMap(Pour::id, p -> p));
    Map<Long, BigDecimal> thrown = waste.thrownKg(ids);
    return ids.stream().map(id -> taken(byId.get(id), byPour.get(id), thrown)).toList();
  }

  private static PourTaken taken(Pour p, List<PourFillView> filled, Map<Long, BigDecimal> thrown) {
    return new PourTaken(
        p.id(),
        p.sessionId(),
        p.recipeId(),
        p.colourwayId(),
        p.colourwayVersion(),
        p.pouredAt(),
        p.roomC(),
        p.waterC(),
        p.leftKg(),
        thrown.getOrDefault(p.id(), BigDecimal.ZERO),
        p.fillingMin(),
        p.ratePerHour(),
        p.weighOuts().stream()
            .map(w -> new PourTaken.Taken(w.materialId(), w.askedKg(), w.actualKg(), w.measured()))
            .toList(),
        filled);
  }

  private Map<Long, List<PourFillView>> fillsOf(Collection<Long> pourIds) {
    return allFills.ofPours(pourIds);
  }

  /** What is in these casts, by the cast. */
  public Map<Long, PourFacts> facts(Collection<Long> castIds) {
    return facts(castIds, allFills.ofCasts(castIds));
  }

  /** What is in these casts, and what of it waits for its next layer; read once for both. */
  public InCasts inCasts(Collection<Long> castIds) {
    Map<Long, List<PourFillView>> byCast = allFills.ofCasts(castIds);
    return new InCasts(facts(castIds, byCast), waiting.among(byCast));
  }

  /** What is in casts. */
  public record InCasts(Map<Long, PourFacts> facts, List<WaitingLayer> waiting) {}

  private Map<Long, PourFacts> facts(
      Collection<Long> castIds, Map<Long, List<PourFillView>> byCast) {
    Map<Long, Pour> byId =
        allFills.pours(
            byCast.values().stream().flatMap(List::stream).map(PourFillView::pourId).toList());
    Map<Long, List<Stay>> brought = castings.stays(castIds);
    Map<Long, PourFacts> facts = new LinkedHashMap<>();
    byCast.forEach(
        (castId, filled) -> {
          List<Pour> own = new ArrayList<>();
          filled.forEach(f -> own.add(byId.get(f.pourId())));
          Pour first = own.get(0);
          Pour last = own.get(own.size() - 1);
          facts.put(
              castId,
              new PourFacts(
                  castId,
                  last.sessionId(),
                  filled.get(0).productId(),
                  first.recipeId(),
                  first.colourwayId(),
                  last.pouredAt(),
                  last.roomC(),
                  stays(last.pouredAt(), brought.getOrDefault(castId, List.of()))));
        });
    return facts;
  }

  /** From the last layer on: in the room, or where it had been brought before, and so on. */
  private static List<Stay> stays(Instant pouredAt, List<Stay> brought) {
    List<Stay> stays = new ArrayList<>();
    stays.add(new Stay(Temperatures.ROOM, pouredAt));
    for (Stay stay : brought) {
      if (stay.since().isAfter(pouredAt)) {
        stays.add(stay);
      } else {
        stays.set(0, new Stay(stay.place(), pouredAt));
      }
    }
    return stays;
  }
}
