package ironshelf.pour;

import static java.util.Objects.requireNonNull;

import ironshelf.act.ActService;
import ironshelf.copy.CastService;
import ironshelf.copy.CastView;
import ironshelf.core.material.Role;
import ironshelf.core.quantity.Findings;
import ironshelf.cure.CureService;
import ironshelf.http.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.material.MaterialView;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.order.OrderService;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Books pours: the stock falls, the copies are held, the pieces exist, the line has them. */
@Service
@Transactional
public class PourService {

  private final PourRepository pours;
  private final PourSheetService sheets;
  private final ActService acts;
  private final MaterialService materials;
  private final MouldService moulds;
  private final CastService castings;
  private final RecipeService recipes;
  private final ProductService products;
  private final OrderService orders;
  private final PieceService pieces;
  private final CureService cure;

  PourService(
      PourRepository pours,
      PourSheetService sheets,
      ActService acts,
      MaterialService materials,
      MouldService moulds,
      CastService castings,
      RecipeService recipes,
      ProductService products,
      OrderService orders,
      PieceService pieces,
      CureService cure) {
    this.pours = pours;
    this.sheets = sheets;
    this.acts = acts;
    this.materials = materials;
    this.moulds = moulds;
    this.castings = castings;
    this.recipes = recipes;
    this.products = products;
    this.orders = orders;
    this.pieces = pieces;
    this.cure = cure;
  }

  /** Books a pour, once for its key. */
  public PourView poured(@Nullable String key, PourRequest request, Instant at) {
    return view(acts.once(key, "pour", () -> book(request, at)));
  }

  private long book(PourRequest request, Instant at) {
    PourSheet sheet = sheets.sheet(request.sheet(), at);
    long productId = sheet.product().id();
    long colourwayId = sheet.colourway().id();
    if (request.lineId() != null) {
      orders.lineFor(request.lineId(), productId, colourwayId);
    }
    Map<Long, Double> actual = actualOf(sheet, request);
    Pour pour =
        new Pour(
            productId,
            sheet.recipe().id(),
            colourwayId,
            request.lineId(),
            at,
            sheet.roomC(),
            sheet.waterC());
    if (!Double.isNaN(request.leftKg())) {
      pour.leave(kg(request.leftKg()));
    }
    for (PourSheet.SheetLine line : sheet.lines()) {
      pour.weigh(
          line.materialId(), kg(line.massKg()), kg(requireNonNull(actual.get(line.materialId()))));
    }
    long pourId = pours.save(pour).id();
    MouldView mould = moulds.mould(sheet.product().mouldId());
    List<CastView> casts =
        castings.fill(
            new CastService.Filling(mould.id(), mould.name(), sheet.product().name(), pourId, at),
            request.versions());
    boolean acceptShort = Boolean.TRUE.equals(request.acceptShort());
    for (PourSheet.SheetLine line : sheet.lines()) {
      if (line.role() != Role.WATER) {
        materials.use(
            line.materialId(), kg(actual.get(line.materialId())), at, pourId, acceptShort);
      }
    }
    List<Long> made =
        casts.stream()
            .flatMap(
                cast ->
                    pieces
                        .make(cast.id(), pourId, productId, colourwayId, mould.shape().cavities())
                        .stream())
            .map(PieceView::id)
            .toList();
    if (request.lineId() != null) {
      orders.allot(request.lineId(), made, at);
    }
    return pourId;
  }

  /** What went in of each material of the mix; says all that is missing or too many. */
  private Map<Long, Double> actualOf(PourSheet sheet, PourRequest request) {
    Map<Long, Double> actual = request.actualKg();
    Findings findings = new Findings();
    for (PourSheet.SheetLine line : sheet.lines()) {
      if (!actual.containsKey(line.materialId())) {
        findings.missing("weighOuts." + line.name());
      }
    }
    findings.orRefuse();
    List<Long> asked = sheet.lines().stream().map(PourSheet.SheetLine::materialId).toList();
    for (long id : actual.keySet()) {
      if (!asked.contains(id)) {
        throw ProblemException.conflict(
            "weighOut.unknown", Map.of("material", materials.byId(id).name()));
      }
    }
    return actual;
  }

  private static BigDecimal kg(double mass) {
    return BigDecimal.valueOf(mass).setScale(4, RoundingMode.HALF_UP);
  }

  @Transactional(readOnly = true)
  public PourView view(long id) {
    Pour pour = pours.findById(id).orElseThrow(() -> ProblemException.unknown("pour", id));
    ProductView product = products.product(pour.productId());
    RecipeView recipe = recipes.recipe(pour.recipeId());
    CureService.Gate gate =
        cure.gate(pour.pouredAt(), pour.roomC(), recipe.demouldAgeH(), recipe.greenUntilAgeH());
    List<Long> pieceIds = pieces.ofPour(id).stream().map(PieceView::id).toList();
    OrderService.LineName line = pour.lineId() == null ? null : orders.lineName(pour.lineId());
    return new PourView(
        id,
        product.name(),
        recipes.colourway(pour.colourwayId()).name(),
        pour.pouredAt(),
        gate.readyAt(),
        gate.greenUntil(),
        castings.ofPour(id).stream().map(CastView::copyCode).toList(),
        pieceIds.size(),
        orders.allottedOf(pieceIds),
        line == null ? null : line.orderNumber(),
        line == null ? null : line.orderId(),
        weighOuts(pour));
  }

  private List<PourView.WeighOutView> weighOuts(Pour pour) {
    List<Long> ids = pour.weighOuts().stream().map(WeighOut::materialId).toList();
    Map<Long, MaterialView> byId = materials.byIds(ids);
    Map<Long, BigDecimal> remaining = materials.remainingKg(ids);
    return pour.weighOuts().stream()
        .map(
            w ->
                new PourView.WeighOutView(
                    w.materialId(),
                    byId.get(w.materialId()).name(),
                    w.askedKg(),
                    w.actualKg(),
                    remaining.get(w.materialId())))
        .toList();
  }

  /** What every pour took, oldest first. */
  @Transactional(readOnly = true)
  public List<PourTaken> taken() {
    return pours.findAllByOrderById().stream()
        .map(
            p ->
                new PourTaken(
                    p.id(),
                    p.productId(),
                    p.recipeId(),
                    p.colourwayId(),
                    p.pouredAt(),
                    p.leftKg(),
                    p.weighOuts().stream()
                        .map(w -> new PourTaken.Taken(w.materialId(), w.askedKg(), w.actualKg()))
                        .toList()))
        .toList();
  }

  /** The facts of these pours by id. */
  @Transactional(readOnly = true)
  public Map<Long, PourFacts> facts(Collection<Long> ids) {
    Map<Long, PourFacts> facts = new LinkedHashMap<>();
    for (Pour p : pours.findAllById(ids)) {
      facts.put(
          p.id(),
          new PourFacts(
              p.id(), p.productId(), p.recipeId(), p.colourwayId(), p.pouredAt(), p.roomC()));
    }
    return facts;
  }
}
