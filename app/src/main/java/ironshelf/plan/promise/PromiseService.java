package ironshelf.plan.promise;

import ironshelf.copy.CopyCondition;
import ironshelf.core.plan.promise.Promise;
import ironshelf.http.problem.Catalogue;
import ironshelf.http.problem.ProblemException;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.order.line.OrderLineView;
import ironshelf.plan.promise.PlanPromises.Asked;
import ironshelf.plan.promise.PlanPromises.Given;
import ironshelf.product.ProductService;
import ironshelf.recipe.RecipeService;
import ironshelf.station.StationService;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Promises in words, and their keeping. */
@Service
@Transactional
public class PromiseService {

  private static final int MORE_COPIES = 3;

  private final PlanPromises promises;
  private final OrderService orders;
  private final ProductService products;
  private final RecipeService recipes;
  private final MouldService moulds;
  private final StationService stations;
  private final Catalogue catalogue;

  PromiseService(
      PlanPromises promises,
      OrderService orders,
      ProductService products,
      RecipeService recipes,
      MouldService moulds,
      StationService stations,
      Catalogue catalogue) {
    this.promises = promises;
    this.orders = orders;
    this.products = products;
    this.recipes = recipes;
    this.moulds = moulds;
    this.stations = stations;
    this.catalogue = catalogue;
  }

  /** The earliest date for all of it: that of its last line, and what binds that one. */
  @Transactional(readOnly = true)
  public PromiseView promise(List<Asked> asked) {
    check(asked);
    return view(asked, promises.promise(asked, MORE_COPIES));
  }

  /** Refuses what does not exist, or has no copy to be made in. */
  private void check(List<Asked> asked) {
    for (Asked line : asked) {
      MouldView mould = moulds.mould(products.product(line.productId()).mouldId());
      recipes.colourway(line.colourwayId());
      if (inUse(mould) == 0) {
        throw ProblemException.conflict("promise.noCopies", Map.of("mould", mould.name()));
      }
    }
  }

  /** How often the dates of one line are kept. */
  @Transactional(readOnly = true)
  public PlanPromises.Chance chance(Asked asked) {
    check(List.of(asked));
    return promises.chance(asked);
  }

  /** How sure the lines of the plan are. */
  @Transactional(readOnly = true)
  public PlanPromises.BookChance book() {
    return promises.book();
  }

  private PromiseView view(List<Asked> asked, Given given) {
    int last = 0;
    for (int i = 1; i < given.lines().size(); i++) {
      last = given.lines().get(i).readyAt().isAfter(given.lines().get(last).readyAt()) ? i : last;
    }
    Promise promise = given.lines().get(last);
    MouldView mould = moulds.mould(products.product(asked.get(last).productId()).mouldId());
    int copies = inUse(mould);
    return new PromiseView(
        promise.date(),
        promises.nineOfTen(given),
        promise.boundBy(),
        bound(promise, mould, copies),
        mould.name(),
        copies,
        mould.price(),
        asked.size() > 1
            ? List.of()
            : promise.curve().stream()
                .map(c -> new PromiseView.CopiesDate(copies + c.moreCopies(), c.date()))
                .toList());
  }

  private static int inUse(MouldView mould) {
    return (int) mould.copies().stream().filter(c -> c.condition() == CopyCondition.GOOD).count();
  }

  private String bound(Promise promise, MouldView mould, int copies) {
    return switch (promise.boundBy()) {
      case ROUTE -> catalogue.say("promise.route", "", Map.of());
      case HANDS -> catalogue.say("promise.hands", "", Map.of());
      case STATION ->
          catalogue.say("promise.station", "", Map.of("station", station(promise.boundName())));
      case MATERIAL ->
          catalogue.say("promise.material", "", Map.of("material", promise.boundName() + ""));
      case PARTS -> catalogue.say("promise.parts", "", Map.of("part", part(promise.boundName())));
      case MOULD ->
          catalogue.say(
              "promise.mould",
              "",
              Map.of(
                  "mould", mould.name(), "copies", copies + (copies == 1 ? " copy" : " copies")));
    };
  }

  private String part(@Nullable String bound) {
    return promises.part(bound).map(id -> products.product(id).name()).orElse("its parts");
  }

  private String station(@Nullable String code) {
    return Objects.requireNonNull(stations.byCode().get(code)).name().toLowerCase(Locale.ROOT);
  }

  /** What a quote can be promised for. */
  @Transactional(readOnly = true)
  public PromiseView ofOrder(long orderId) {
    return promise(asked(orders.order(orderId)));
  }

  private static List<Asked> asked(OrderView order) {
    return order.lines().stream()
        .map(l -> new Asked(l.productId(), l.colourwayId(), l.quantity()))
        .toList();
  }

  /**
   * Takes a quote on for the day that is kept in nine of ten weeks, with the plan that keeps it.
   */
  public OrderView accept(long orderId, long seenVersion) {
    OrderView quote = orders.order(orderId);
    List<Asked> asked = asked(quote);
    PromiseView view = promise(asked);
    Given given = promises.promise(asked, 0);
    LocalDate date = view.nineOfTen();
    OrderView accepted = orders.accept(orderId, seenVersion, date);
    promises.keep(given, accepted.lines().stream().map(OrderLineView::id).toList());
    return accepted;
  }
}
