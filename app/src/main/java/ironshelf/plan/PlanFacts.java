package ironshelf.plan;

import static java.util.stream.Collectors.toMap;

import ironshelf.copy.CopyCondition;
import ironshelf.copy.CopyService;
import ironshelf.copy.CopyView;
import ironshelf.core.material.Role;
import ironshelf.core.plan.PinnedCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.route.Route;
import ironshelf.cure.CureService;
import ironshelf.http.ProblemException;
import ironshelf.mould.DrawnMould;
import ironshelf.mould.MouldService;
import ironshelf.order.AllotmentService;
import ironshelf.order.OrderLineView;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.ColourwayView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.route.RouteService;
import ironshelf.route.RouteView;
import ironshelf.station.StationService;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads from the shop's facts what is to be planned. */
@Component
class PlanFacts {

  /** What was promised is kept before what was only asked for. */
  private static final double PROMISED_WEIGHT = 3;

  /** Washing a copy in warm soapy water (common practice). */
  private static final double WASH_MIN = 5;

  private final Begun begun;
  private final OrderService orders;
  private final PieceService pieces;
  private final AllotmentService allotments;
  private final ProductService products;
  private final RecipeService recipes;
  private final RouteService routes;
  private final MouldService moulds;
  private final CopyService copies;
  private final StationService stations;
  private final CureService cure;
  private final WorkshopService workshop;
  private final Clock clock;

  PlanFacts(
      Begun begun,
      OrderService orders,
      PieceService pieces,
      AllotmentService allotments,
      ProductService products,
      RecipeService recipes,
      RouteService routes,
      MouldService moulds,
      CopyService copies,
      StationService stations,
      CureService cure,
      WorkshopService workshop,
      Clock clock) {
    this.begun = begun;
    this.orders = orders;
    this.pieces = pieces;
    this.allotments = allotments;
    this.products = products;
    this.recipes = recipes;
    this.routes = routes;
    this.moulds = moulds;
    this.copies = copies;
    this.stations = stations;
    this.cure = cure;
    this.workshop = workshop;
    this.clock = clock;
  }

  /** Of the open orders, with these casts pinned as far as they still can be. */
  PlanBasis basis(List<PinnedCast> pinned) {
    return basis(pinned, List.of());
  }

  /**
   * The same, with what no order wants yet.
   *
   * @param asked what could be wanted, in the order in which it is asked for
   */
  PlanBasis basis(List<PinnedCast> pinned, List<Asked> asked) {
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
    Mixes mixes = new Mixes(shop, now);
    Begun.Found found = begun.find(steps, inUse, start, now);
    PartDemands parts =
        new PartDemands(
            mixes.all,
            mixes.colourways.values(),
            mixes::route,
            id -> mixes.isPlannable(id, inUse),
            new SpareParts(this::free, found.nameOfSpares()));
    LocalDate today = start.toLocalDate();
    Map<String, LocalDate> dueOf = new HashMap<>();
    orders.open().forEach(o -> o.lines().forEach(l -> dueOf.put(PlanKeys.line(l.id()), l.due())));
    for (Begun.Whole whole : found.wholes()) {
      String line = lineOf(found, whole);
      if (mixes.isPouredAlike(whole)) {
        parts.add(whole.asOf(line, dueOf.getOrDefault(line, today)));
      }
    }
    List<Demand> demands = new ArrayList<>();
    List<Long> idle = new ArrayList<>();
    Map<String, Wanted> wanted = new LinkedHashMap<>();
    for (OrderView order : orders.open()) {
      for (OrderLineView line : order.lines()) {
        if (line.toPour() == 0) {
          continue;
        }
        Wanted product = new Wanted(line.productId(), line.colourwayId());
        String key = PlanKeys.line(line.id());
        if (!mixes.isPlannable(line.productId(), inUse)
            || !parts.add(
                PartDemands.Whole.of(
                    key, product, mixes.known(product), line.toPour(), line.due()))) {
          idle.add(line.id());
          continue;
        }
        wanted.put(product.key(), product);
        demands.add(
            new Demand(
                key,
                product.key(),
                line.toPour(),
                line.due(),
                order.promisedOn() == null ? 1 : PROMISED_WEIGHT,
                null));
      }
    }
    demands.addAll(parts.demands());
    List<List<Demand>> askedParts = new ArrayList<>();
    for (Asked more : asked) {
      wanted.put(more.product.key(), more.product);
      int before = parts.demands().size();
      if (!parts.add(
          PartDemands.Whole.of(
              more.name, more.product, mixes.known(more.product), more.quantity, today))) {
        throw ProblemException.conflict(
            "promise.noParts", Map.of("product", mixes.all.get(more.product.productId).name()));
      }
      askedParts.add(parts.demands().subList(before, parts.demands().size()));
    }
    parts.wanted().forEach(w -> wanted.put(w.key(), w));
    List<PlanProduct> planned =
        wanted.values().stream()
            .flatMap(w -> mixes.products(w, drawn, inUse, steps).stream())
            .toList();
    PlanRequest request =
        new PlanRequest(
            start,
            shop.hours(),
            shop.people(),
            mouldsOf(inUse, drawn),
            rooms.entrySet().stream().map(e -> new PlanStation(e.getKey(), e.getValue())).toList(),
            planned,
            demands,
            0,
            found.casts().stream().map(c -> c.feeding(parts.feedsOf(c.name()))).toList(),
            still(pinned, planned, inUse, start));
    return new PlanBasis(request, inUse, found.lineOf(), found.what(), idle, askedParts);
  }

  /** So many of a product under a name that no order has. */
  record Asked(String name, Wanted product, int quantity) {}

  /** The line for which pieces that have begun are made; the one of nobody where there is none. */
  private static String lineOf(Begun.Found found, Begun.Whole whole) {
    return PlanKeys.line(
        found.lineOf().getOrDefault(whole.name(), List.of()).stream().findFirst().orElse(0L));
  }

  private List<PieceView> free(Wanted product) {
    List<PieceView> sound = pieces.toSell(product.productId, product.colourwayId);
    Map<Long, Long> tied = allotments.lineByPiece(sound.stream().map(PieceView::id).toList());
    return sound.stream().filter(p -> !tied.containsKey(p.id())).toList();
  }

  /** A product in a colourway. */
  record Wanted(long productId, long colourwayId) {
    String key() {
      return PlanKeys.product(productId, colourwayId);
    }
  }

  private static void addIfAny(Map<String, List<Long>> inUse, long mouldId, List<CopyView> own) {
    List<Long> good =
        own.stream()
            .filter(c -> c.condition() == CopyCondition.GOOD)
            .map(CopyView::id)
            .sorted()
            .toList();
    if (!good.isEmpty()) {
      inUse.put(PlanKeys.mould(mouldId), good);
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
                    drawn.get(PlanKeys.mouldId(e.getKey())).cavities(),
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

  /** What the recipes of planned products need, read once each. */
  private final class Mixes {
    private final WorkshopView shop;
    private final Instant now;
    private final Map<Long, ProductView> all = products.all();
    private final Map<Long, ColourwayView> colourways = recipes.allColourways();
    private final InMouldStays stays = InMouldStays.of(stations.all());
    private final Map<Long, RouteView> current = routes.allCurrent();
    private final Map<Long, RecipeView> latest = recipes.allLatest();
    private final Map<Long, String> binders = new HashMap<>();
    private final CureService.Gates gates = cure.gates();

    Mixes(WorkshopView shop, Instant now) {
      this.shop = shop;
      this.now = now;
    }

    boolean isPlannable(long productId, Map<String, List<Long>> inUse) {
      ProductView product = all.get(productId);
      return product != null
          && current.containsKey(productId)
          && inUse.containsKey(PlanKeys.mould(product.mouldId()));
    }

    /** A product's route with its recipe's own waits filled in; null where it has none. */
    @Nullable Route route(long productId) {
      RouteView own = current.get(productId);
      if (own == null) {
        return null;
      }
      RecipeView recipe = latest.get(all.get(productId).recipeId());
      return own.route().withAges(recipe.demouldAgeH(), recipe.sealAfterH());
    }

    Route known(Wanted wanted) {
      Route route = route(wanted.productId());
      if (route == null) {
        throw ProblemException.conflict("product.noRoute", Map.of());
      }
      return route;
    }

    /** Whether what goes another route than new ones is poured as often as they are. */
    boolean isPouredAlike(Begun.Whole whole) {
      return whole.route().pours().size() == known(whole.product()).pours().size();
    }

    /** A product at each of its pours. */
    List<PlanProduct> products(
        Wanted wanted,
        Map<Long, DrawnMould> drawn,
        Map<String, List<Long>> inUse,
        PlanSteps steps) {
      ProductView product = all.get(wanted.productId());
      ColourwayView colourway = colourways.get(wanted.colourwayId());
      RecipeView recipe = latest.get(product.recipeId());
      DrawnMould mould = drawn.get(product.mouldId());
      Route route = known(wanted);
      Instant out =
          gates
              .gate(stays.from(now, route), recipe.demouldAgeH(), recipe.greenUntilAgeH())
              .readyAt();
      double setH = Math.max(1 / 60.0, Duration.between(now, out).toMinutes() / 60.0);
      int copies = inUse.getOrDefault(PlanKeys.mould(mould.id()), List.of()).size();
      double castsABatch =
          Math.max(1, Math.min(copies, Math.floor(shop.mixerL() / mould.capacityL())));
      int pours = route.pours().size();
      return IntStream.range(0, pours)
          .mapToObj(
              pour ->
                  new PlanProduct(
                      PlanKeys.product(wanted.key(), pour, pours),
                      PlanKeys.mould(mould.id()),
                      // Alike only where one mix is: another recipe's colour is another.
                      colourway.name() + " of " + recipe.name(),
                      darkness(colourway.swatch()),
                      binders.computeIfAbsent(recipe.id(), this::binder),
                      steps.from(
                          product,
                          route,
                          current.get(product.id()).route(),
                          pour,
                          mould.cavities(),
                          setH,
                          recipe.mixMin() / castsABatch)))
          .toList();
    }

    private @Nullable String binder(long recipeId) {
      return recipes.mix(recipeId, null).recipe().ingredients().stream()
          .filter(i -> i.role() == Role.BINDER)
          .map(Ingredient::name)
          .findFirst()
          .orElse(null);
    }
  }

  /** 0 for white, 100 for black, by luma (ITU-R BT.709). */
  private static double darkness(String swatch) {
    int rgb = Integer.parseInt(swatch.substring(1), 16);
    double luma = 0.2126 * (rgb >> 16 & 0xff) + 0.7152 * (rgb >> 8 & 0xff) + 0.0722 * (rgb & 0xff);
    return Math.rint(100 - luma / 2.55);
  }
}
