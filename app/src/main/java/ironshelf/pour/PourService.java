package ironshelf.pour;

import static java.util.Objects.requireNonNull;

import ironshelf.act.ActService;
import ironshelf.copy.CastService;
import ironshelf.copy.CastView;
import ironshelf.copy.CopyView;
import ironshelf.core.material.Role;
import ironshelf.core.piece.Shares;
import ironshelf.core.quantity.Findings;
import ironshelf.http.ProblemException;
import ironshelf.material.MaterialService;
import ironshelf.material.PourStock;
import ironshelf.mould.MouldView;
import ironshelf.order.AllotmentService;
import ironshelf.order.OrderService;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.route.RouteService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Books pours: the stock falls, the copies are held, the pieces exist, the lines have them. */
@Service
@Transactional
public class PourService {

  private final PourRepository pours;
  private final PourFillRepository fills;
  private final Chooser chooser;
  private final PourSheetService sheets;
  private final PourReader reader;
  private final ActService acts;
  private final MaterialService materials;
  private final PourStock stock;
  private final CastService castings;
  private final OrderService orders;
  private final AllotmentService allotments;
  private final PieceService pieces;
  private final RouteService routes;

  PourService(
      PourRepository pours,
      PourFillRepository fills,
      Chooser chooser,
      PourSheetService sheets,
      PourReader reader,
      ActService acts,
      MaterialService materials,
      PourStock stock,
      CastService castings,
      OrderService orders,
      AllotmentService allotments,
      PieceService pieces,
      RouteService routes) {
    this.pours = pours;
    this.fills = fills;
    this.chooser = chooser;
    this.sheets = sheets;
    this.reader = reader;
    this.acts = acts;
    this.materials = materials;
    this.stock = stock;
    this.castings = castings;
    this.orders = orders;
    this.allotments = allotments;
    this.pieces = pieces;
    this.routes = routes;
  }

  /** Books a session of pouring, once for its key. */
  public PourView poured(@Nullable String key, PourRequest request, Instant at) {
    // The store keeps microseconds; so does what follows from it.
    Instant kept = at.truncatedTo(ChronoUnit.MICROS);
    return reader.view(acts.once(key, "pour", () -> book(request, kept)));
  }

  private long book(PourRequest request, Instant at) {
    PourSheetRequest wanted = request.sheet();
    Chosen chosen = chooser.choose(wanted);
    SheetView sheet = sheets.sheet(wanted, chosen, at);
    for (PourRequest.PouredFill fill : request.fills()) {
      if (fill.lineId() != null) {
        orders.lineFor(fill.lineId(), requireNonNull(fill.productId()), sheet.colourway().id());
      }
    }
    List<Map<Long, Double>> actual = actualOf(sheet, request);
    List<Pour> session = new ArrayList<>();
    for (int i = 0; i < sheet.layers().size(); i++) {
      session.add(keep(sheet, i, actual.get(i), session.isEmpty() ? null : session.get(0), at));
    }
    note(session, sheet, request);
    long firstId = session.get(0).id();
    for (int f = 0; f < request.fills().size(); f++) {
      fill(chosen, sheet, f, request.fills().get(f), session, at);
    }
    boolean acceptShort = Boolean.TRUE.equals(request.acceptShort());
    for (int i = 0; i < session.size(); i++) {
      take(sheet.layers().get(i), actual.get(i), session.get(i).id(), acceptShort, at);
    }
    return firstId;
  }

  private Pour keep(
      SheetView sheet, int layer, Map<Long, Double> actual, @Nullable Pour first, Instant at) {
    SheetView.SheetLayer mixed = sheet.layers().get(layer);
    Pour pour =
        new Pour(
            sheet.recipe().id(),
            mixed.colourway().id(),
            first == null ? null : first.id(),
            at,
            sheet.roomC(),
            sheet.waterC());
    for (SheetView.SheetLine line : mixed.lines()) {
      pour.weigh(
          line.materialId(), kg(line.massKg()), kg(requireNonNull(actual.get(line.materialId()))));
    }
    return pours.save(pour);
  }

  /** What was left, and the minutes, are of the session; each layer has its share of them. */
  private static void note(List<Pour> session, SheetView sheet, PourRequest request) {
    if (!Double.isNaN(request.leftKg())) {
      List<BigDecimal> shares =
          Shares.of(
              kg(request.leftKg()),
              sheet.layers().stream().map(SheetView.SheetLayer::sharePercent).toList());
      for (int i = 0; i < session.size(); i++) {
        session.get(i).leave(shares.get(i));
      }
    }
    if (!Double.isNaN(request.fillingMin())) {
      session.get(0).fillIn(request.fillingMin());
    }
  }

  private void take(
      SheetView.SheetLayer layer,
      Map<Long, Double> actual,
      long pourId,
      boolean acceptShort,
      Instant at) {
    for (SheetView.SheetLine line : layer.lines()) {
      if (line.role() != Role.WATER) {
        BigDecimal massKg = kg(requireNonNull(actual.get(line.materialId())));
        stock.use(line.materialId(), massKg, at, pourId, acceptShort);
      }
    }
  }

  /** The first session makes casts and pieces; later ones add to the casts that wait for them. */
  private void fill(
      Chosen chosen,
      SheetView sheet,
      int index,
      PourRequest.PouredFill wanted,
      List<Pour> session,
      Instant at) {
    Chosen.Fill fill = chosen.fills().get(index);
    MouldView mould = fill.mould();
    long productId = fill.product().id();
    List<CastView> casts;
    if (chosen.firstLayer() == 0) {
      long routeId = routes.current(productId).id();
      casts =
          castings.fill(
              new CastService.Filling(
                  mould.id(), mould.name(), fill.product().name(), session.get(0).id(), at),
              wanted.versions());
      List<Long> made =
          casts.stream()
              .flatMap(
                  cast ->
                      pieces
                          .make(
                              cast.id(),
                              session.get(0).id(),
                              productId,
                              sheet.colourway().id(),
                              routeId,
                              mould.shape().cavities())
                          .stream())
              .map(PieceView::id)
              .toList();
      if (wanted.lineId() != null) {
        allotments.allot(wanted.lineId(), made, at);
      }
    } else {
      casts = fill.copies().stream().map(CopyView::held).filter(Objects::nonNull).toList();
    }
    double litres = sheet.fills().get(index).litresEach();
    for (int i = 0; i < session.size(); i++) {
      double share = sheet.layers().get(i).sharePercent() / 100 / chosen.sessionShare();
      for (CastView cast : casts) {
        fills.save(
            new PourFill(
                session.get(i).id(),
                cast.id(),
                productId,
                wanted.lineId(),
                chosen.firstLayer() + i,
                litres * share));
      }
    }
  }

  /** What went in of each material of each layer; says all that is missing or too many. */
  private List<Map<Long, Double>> actualOf(SheetView sheet, PourRequest request) {
    Findings findings = new Findings();
    List<Map<Long, Double>> all = new ArrayList<>();
    for (int i = 0; i < sheet.layers().size(); i++) {
      Map<Long, Double> actual =
          i < request.layers().size() ? request.layers().get(i).actualKg() : new LinkedHashMap<>();
      all.add(actual);
      for (SheetView.SheetLine line : sheet.layers().get(i).lines()) {
        if (!actual.containsKey(line.materialId())) {
          findings.missing("layers." + i + ".weighOuts." + line.name());
        }
      }
    }
    findings.orRefuse();
    for (int i = 0; i < all.size(); i++) {
      List<Long> asked =
          sheet.layers().get(i).lines().stream().map(SheetView.SheetLine::materialId).toList();
      for (long id : all.get(i).keySet()) {
        if (!asked.contains(id)) {
          throw ProblemException.conflict(
              "weighOut.unknown", Map.of("material", materials.byId(id).name()));
        }
      }
    }
    return all;
  }

  private static BigDecimal kg(double mass) {
    return BigDecimal.valueOf(mass).setScale(4, RoundingMode.HALF_UP);
  }
}
