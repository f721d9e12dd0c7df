package ironshelf.plan.basis;

import static java.util.stream.Collectors.toMap;

import ironshelf.copy.CopyCondition;
import ironshelf.copy.CopyService;
import ironshelf.copy.CopyView;
import ironshelf.core.plan.PinnedCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.http.problem.ProblemException;
import ironshelf.mould.DrawnMould;
import ironshelf.mould.MouldService;
import ironshelf.order.AllotmentService;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.order.line.OrderLineView;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.station.StationService;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads from the shop's facts what is to be planned. */
@Component
public class PlanFacts {

  /** Where the numbers of lines that are only expected begin, below nought. */
  private static final long EXPECTED_FROM = 1_000;

  /** Washing a copy in warm soapy water (common practice). */
  private static final double WASH_MIN = 5;

  private final Begun begun;
  private final OpenPours openPours;
  private final OrderService orders;
  private final PieceService pieces;
  private final AllotmentService allotments;
  private final PlannedProducts planned;
  private final MouldService moulds;
  private final CopyService copies;
  private final StationService stations;
  private final WorkshopService workshop;
  private final MaterialWaits materials;
  private final Clock clock;

  PlanFacts(
      Begun begun,
      OpenPours openPours,
      OrderService orders,
      PieceService pieces,
      AllotmentService allotments,
      PlannedProducts planned,
      MouldService moulds,
      CopyService copies,
      StationService stations,
      WorkshopService workshop,
      MaterialWaits materials,
      Clock clock) {
    this.begun = begun;
    this.openPours = openPours;
    this.orders = orders;
    this.pieces = pieces;
    this.allotments = allotments;
    this.planned = planned;
    this.moulds = moulds;
    this.copies = copies;
    this.stations = stations;
    this.workshop = workshop;
    this.materials = materials;
    this.clock = clock;
  }

  /** Of the open orders, with these casts pinned as far as they still can be. */
  public PlanBasis basis(List<PinnedCast> pinned) {
    return basis(pinned, List.of(), List.of());
  }

  /**
   * The same, with what no order wants yet.
   *
   * @param asked what could be wanted, in the order in which it is asked for
   * @param expected what will likely be ordered; what cannot be planned is left out
   */
  public PlanBasis basis(List<PinnedCast> pinned, List<Asked> asked, List<Expected> expected) {
    WorkshopView shop = workshop.view();
    Instant now = clock.instant();
    LocalDateTime start =
        LocalDateTime.ofInstant(now, clock.getZone()).truncatedTo(ChronoUnit.MINUTES);
    Map<String, Integer> rooms = new LinkedHashMap<>();
    stations.all().stream()
        .filter(s -> s.pieces() != null)
        .forEach(s -> rooms.put(s.code(), Objects.requireNonNull(s.pieces())));
    PlanSteps steps = new PlanSteps(rooms, shop.hours().minutesADay());
    Map<Long, DrawnMould> drawn = moulds.drawn();
    Map<String, List<Long>> inUse = new LinkedHashMap<>();
    new TreeMap<>(copies.views(drawn.keySet()))
        .forEach((mouldId, own) -> addIfAny(inUse, mouldId, own));
    PlannedProducts.Known mixes = planned.at(shop, now);
    List<OpenPours.Next> pouring =
        openPours.find(
            mixes,
            drawn,
            inUse,
            w ->
                mixes.isPlannable(w.productId, inUse)
                    ? mixes.products(w, drawn, steps).get(0)
                    : null,
            now);
    Map<Long, Integer> inPour = OpenPours.ofLines(pouring);
    Begun.Found found = begun.find(steps, inUse, start, now).and(pouring);
    PartDemands parts =
        new PartDemands(
            mixes.all(),
            mixes.colourways().values(),
            mixes::route,
            id -> mixes.isPlannable(id, inUse),
            new SpareParts(this::free, found.nameOfSpares()));
    LocalDate today = start.toLocalDate();
    Map<DemandName, LocalDate> dueOf = new HashMap<>();
    orders.open().forEach(o -> o.lines().forEach(l -> dueOf.put(DemandName.line(l.id()), l.due())));
    for (Begun.Whole whole : found.wholes()) {
      DemandName line = lineOf(found, whole);
      if (mixes.isPouredAlike(whole)) {
        parts.add(whole.asOf(line, dueOf.getOrDefault(line, today)));
      }
    }
    List<Demand> demands = new ArrayList<>();
    List<Long> idle = new ArrayList<>();
    Set<Wanted> wanted = new LinkedHashSet<>();
    for (OrderView order : orders.open()) {
      for (OrderLineView line : order.lines()) {
        int toPour = line.toPour() - inPour.getOrDefault(line.id(), 0);
        if (toPour <= 0) {
          continue;
        }
        Wanted product = new Wanted(line.productId(), line.colourwayId());
        DemandName name = DemandName.line(line.id());
        if (!mixes.isPlannable(line.productId(), inUse)
            || !parts.add(
                PartDemands.Whole.of(name, product, mixes.known(product), toPour, line.due()))) {
          idle.add(line.id());
          continue;
        }
        wanted.add(product);
        demands.add(
            new Demand(
                name.toString(),
                ProductName.of(product).toString(),
                toPour,
                line.due(),
                1,
                null,
                order.promisedOn() == null ? null : Boolean.TRUE));
      }
    }
    for (int e = 0; e < expected.size(); e++) {
      Expected more = expected.get(e);
      DemandName name = DemandName.line(-EXPECTED_FROM - e);
      if (mixes.isPlannable(more.product.productId, inUse)
          && parts.add(
              PartDemands.Whole.of(
                  name, more.product, mixes.known(more.product), more.quantity, more.due))) {
        wanted.add(more.product);
        demands.add(
            new Demand(
                name.toString(),
                ProductName.of(more.product).toString(),
                more.quantity,
                more.due,
                1,
                null,
                null));
      }
    }
    demands.addAll(parts.demands());
    List<List<Demand>> askedParts = new ArrayList<>();
    for (Asked more : asked) {
      wanted.add(more.product);
      int before = parts.demands().size();
      if (!parts.add(
          PartDemands.Whole.of(
              more.name, more.product, mixes.known(more.product), more.quantity, today))) {
        throw ProblemException.conflict(
            "promise.noParts", Map.of("product", mixes.all().get(more.product.productId).name()));
      }
      askedParts.add(parts.demands().subList(before, parts.demands().size()));
    }
    wanted.addAll(parts.wanted());
    Map<Wanted, Integer> pours = new LinkedHashMap<>();
    wanted.forEach(w -> pours.put(w, mixes.known(w).pours().size()));
    Map<Wanted, MaterialWaits.Wait> waits = materials.of(pours, today, shop.hours());
    List<PlanProduct> made =
        wanted.stream()
            .flatMap(
                w -> mixes.products(w, drawn, steps).stream().map(p -> waiting(p, waits.get(w))))
            .toList();
    PlanRequest request =
        new PlanRequest(
            start,
            shop.hours(),
            shop.people(),
            mouldsOf(inUse, drawn),
            rooms.entrySet().stream().map(e -> new PlanStation(e.getKey(), e.getValue())).toList(),
            made,
            demands,
            0,
            found.casts().stream().map(c -> c.feeding(parts.feedsOf(c.name()))).toList(),
            still(pinned, made, inUse, start),
            List.of(new PlanMixer("mixer", shop.mixerL())),
            mixes.mixes(),
            1 / shop.lateDayWorthH());
    return new PlanBasis(request, inUse, found.lineOf(), found.what(), idle, askedParts);
  }

  private static PlanProduct waiting(PlanProduct product, MaterialWaits.@Nullable Wait wait) {
    return wait == null ? product : product.with(product.route(), wait.material(), wait.until());
  }

  /** So many that will likely be ordered. */
  public record Expected(Wanted product, int quantity, LocalDate due) {}

  /** So many of a product under a name that no order has. */
  public record Asked(DemandName name, Wanted product, int quantity) {}

  /** The line for which pieces that have begun are made; the one of nobody where there is none. */
  private static DemandName lineOf(Begun.Found found, Begun.Whole whole) {
    return DemandName.line(
        found.lineOf().getOrDefault(whole.name(), List.of()).stream().findFirst().orElse(0L));
  }

  private List<PieceView> free(Wanted product) {
    List<PieceView> sound = pieces.toSell(product.productId, product.colourwayId);
    Map<Long, Long> tied = allotments.lineByPiece(sound.stream().map(PieceView::id).toList());
    return sound.stream().filter(p -> !tied.containsKey(p.id())).toList();
  }

  /** A product in a colourway. */
  public record Wanted(long productId, long colourwayId) {}

  private static void addIfAny(Map<String, List<Long>> inUse, long mouldId, List<CopyView> own) {
    List<Long> good =
        own.stream()
            .filter(c -> c.condition() == CopyCondition.GOOD)
            .map(CopyView::id)
            .sorted()
            .toList();
    if (!good.isEmpty()) {
      inUse.put(new MouldName(mouldId).toString(), good);
    }
  }

  private static List<PlanMould> mouldsOf(
      Map<String, List<Long>> inUse, Map<Long, DrawnMould> drawn) {
    return inUse.entrySet().stream()
        .map(
            e ->
                new PlanMould(
                    e.getKey(),
                    e.getValue().size(),
                    drawn.get(MouldName.of(e.getKey()).mouldId()).cavities(),
                    WASH_MIN))
        .toList();
  }

  /** Pins whose product is planned, whose copy is there, and whose time has not passed. */
  private static List<PinnedCast> still(
      List<PinnedCast> pinned,
      List<PlanProduct> planned,
      Map<String, List<Long>> inUse,
      LocalDateTime start) {
    Map<String, PlanProduct> byKey =
        planned.stream().collect(toMap(PlanProduct::product, p -> p, (a, b) -> a));
    return pinned.stream()
        .filter(p -> !p.pourAt().isBefore(start))
        .filter(p -> byKey.containsKey(p.product()))
        .filter(p -> p.copy() <= inUse.get(byKey.get(p.product()).mould()).size())
        .toList();
  }
}
