package ironshelf.order;

import static java.util.Objects.requireNonNull;
import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import ironshelf.act.ActService;
import ironshelf.customer.CustomerService;
import ironshelf.http.PageOf;
import ironshelf.http.problem.ProblemException;
import ironshelf.order.OrderRequest.LineRequest;
import ironshelf.order.line.DueLine;
import ironshelf.order.line.OrderLineView;
import ironshelf.order.line.PastLine;
import ironshelf.order.line.ToPour;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.RecipeView;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import ironshelf.workshop.WorkshopService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Orders and quotes. */
@Service
@Transactional
public class OrderService {

  /** A line by its order's number and its place there. */
  public record LineName(long lineId, long orderId, String orderNumber, int position) {}

  private final OrderRepository orders;
  private final OrderLineRepository lines;
  private final OrderList list;
  private final AllotmentService allotments;
  private final LineProgress progress;
  private final CustomerService customers;
  private final ProductService products;
  private final RecipeService recipes;
  private final List<OrderFinder> finders;
  private final ActService acts;
  private final WorkshopService workshop;
  private final Clock clock;
  private final CachedRead<List<OrderView>> open;

  OrderService(
      OrderRepository orders,
      OrderLineRepository lines,
      OrderList list,
      AllotmentService allotments,
      LineProgress progress,
      CustomerService customers,
      ProductService products,
      RecipeService recipes,
      List<OrderFinder> finders,
      ActService acts,
      WorkshopService workshop,
      Clock clock,
      TableVersions changes) {
    this.open =
        changes.keep(
            () -> progress.of(orders.open()),
            "allotments",
            "colourways",
            "customers",
            "order_lines",
            "orders",
            "pieces",
            "products");
    this.orders = orders;
    this.lines = lines;
    this.list = list;
    this.allotments = allotments;
    this.progress = progress;
    this.customers = customers;
    this.products = products;
    this.recipes = recipes;
    this.finders = finders;
    this.acts = acts;
    this.workshop = workshop;
    this.clock = clock;
  }

  /** Takes an order or a quote in, once for the key. */
  public OrderView placeOnce(String key, OrderRequest request) {
    return order(acts.once(key, "order", () -> place(request).id()));
  }

  /** Takes an order or a quote in. */
  public OrderView place(OrderRequest request) {
    String number = request.number() == null ? nextNumber() : request.number();
    if (orders.findByNumber(number).isPresent()) {
      throw ProblemException.conflict("name.taken", Map.of("what", "order", "value", number));
    }
    customers.customer(requireNonNull(request.customerId()));
    LocalDate placedOn = request.placedOn() == null ? LocalDate.now(clock) : request.placedOn();
    OrderEntity order = new OrderEntity(number, placedOn, request);
    setLines(order, request);
    return progress.of(orders.save(order));
  }

  /** Takes an order in that a shop feed sent. */
  public OrderView placeFed(OrderRequest request, String feedOrder) {
    OrderView placed = place(request);
    entity(placed.id()).fed(feedOrder);
    return order(placed.id());
  }

  /** The order that a shop feed sent by that name; null where there is none. */
  @Transactional(readOnly = true)
  public @Nullable OrderView byFeedOrder(String feedOrder) {
    return orders.findByFeedOrder(feedOrder).map(progress::of).orElse(null);
  }

  private String nextNumber() {
    workshop.awaitTurn();
    return String.valueOf(orders.highestNumber() + 1);
  }

  /** Changes an order: lines that are left out are called off, their unsent pieces free. */
  public OrderView change(long id, long seenVersion, OrderRequest to) {
    OrderEntity order = seen(id, seenVersion);
    customers.customer(requireNonNull(to.customerId()));
    order.change(to);
    List<Long> kept = to.lines().stream().map(LineRequest::id).filter(Objects::nonNull).toList();
    for (OrderLine line : order.lines()) {
      if (!kept.contains(line.id())) {
        // What has gone has gone: the line stays for it.
        allotments.shorten(line, 0);
        line.cancel(clock.instant());
      }
    }
    setLines(order, to);
    return progress.of(orders.saveAndFlush(order));
  }

  private void setLines(OrderEntity order, OrderRequest to) {
    Map<Long, ProductView> known = products.all();
    Map<Long, ColourwayView> colourways = recipes.allColourways();
    Map<Long, OrderLine> own =
        order.lines().stream()
            .filter(l -> l.id() != null)
            .collect(toMap(OrderLine::id, identity()));
    for (LineRequest wanted : to.lines()) {
      ProductView product = known.get(requireNonNull(wanted.productId()));
      ColourwayView colourway = colourways.get(requireNonNull(wanted.colourwayId()));
      if (product == null || colourway == null) {
        throw ProblemException.unknown(
            product == null ? "product" : "colourway",
            product == null ? wanted.productId() : wanted.colourwayId());
      }
      // A line that is kept may be of a colour that is offered no more.
      if (colourway.recipeId() != product.recipeId()
          || (wanted.id() == null && !product.isOffered(colourway))) {
        throw ProblemException.conflict(
            "pour.colourwayWrong",
            Map.of("colourway", colourway.name(), "product", product.name()));
      }
      OrderLine line = wanted.id() == null ? null : own.get(wanted.id());
      if (wanted.id() != null && line == null) {
        throw ProblemException.unknown("order line", wanted.id());
      }
      if (line != null
          && (line.productId() != product.id() || line.colourwayId() != colourway.id())) {
        throw ProblemException.conflict(
            "line.wrongProduct", Map.of("line", order.number() + "/" + line.position()));
      }
      if (line == null) {
        line = new OrderLine(order, order.allLines().size() + 1, product.id(), colourway.id());
        order.addLine(line);
      } else {
        allotments.shorten(line, wanted.quantity());
      }
      line.change(
          wanted.quantity(),
          wanted.price() == null ? product.price() : wanted.price(),
          wanted.due() == null ? order.due() : wanted.due(),
          wanted.note());
    }
  }

  /** Calls an order off; what is not sent is free again. */
  public OrderView cancel(long id, long seenVersion) {
    OrderEntity order = seen(id, seenVersion);
    order.lines().forEach(allotments::freeUnsent);
    order.cancel(clock.instant());
    return progress.of(orders.saveAndFlush(order));
  }

  /** A quote becomes an order, due on the day that was promised. */
  public OrderView accept(long id, long seenVersion, LocalDate promised) {
    OrderEntity order = seen(id, seenVersion);
    if (!order.isQuote()) {
      throw ProblemException.conflict("order.noQuote", Map.of("order", order.number()));
    }
    order.accept(promised);
    order.lines().forEach(l -> l.due(promised));
    return progress.of(orders.saveAndFlush(order));
  }

  public OrderView mark(long id, long seenVersion, OrderMarks marks) {
    OrderEntity order = seen(id, seenVersion);
    order.mark(marks);
    return progress.of(orders.saveAndFlush(order));
  }

  /** Orders by anything that is written on them, and by the numbers of their parcels. */
  @Transactional(readOnly = true)
  public PageOf<OrderView> orders(String search, Which which, Pageable page) {
    String words = search.strip();
    List<Long> elsewhere =
        words.isEmpty()
            ? List.of()
            : finders.stream().flatMap(f -> f.ordersWith(words).stream()).toList();
    Page<Long> found = list.find(words, elsewhere, open(), which, page);
    Map<Long, OrderView> views =
        progress.of(orders.findAllById(found.getContent())).stream()
            .collect(toMap(OrderView::id, identity()));
    return PageOf.of(found, id -> requireNonNull(views.get(id)));
  }

  /** All that is accepted and not all sent, soonest due first. */
  @Transactional(readOnly = true)
  public List<OrderView> open() {
    return open.get();
  }

  /** Every open line of which something is to be poured, soonest due first. */
  @Transactional(readOnly = true)
  public List<ToPour> toPour() {
    Map<Long, ProductView> known = products.all();
    Map<Long, RecipeView> latest = recipes.allLatest();
    return open().stream()
        .flatMap(
            o ->
                o.lines().stream()
                    .filter(l -> l.toPour() > 0)
                    .map(l -> toPour(o, l, known, latest)))
        .sorted(Comparator.comparing(w -> w.line().due()))
        .toList();
  }

  private static ToPour toPour(
      OrderView order,
      OrderLineView line,
      Map<Long, ProductView> known,
      Map<Long, RecipeView> latest) {
    ProductView product = requireNonNull(known.get(line.productId()));
    return new ToPour(
        order.id(),
        order.number(),
        order.customer(),
        line,
        requireNonNull(latest.get(product.recipeId())).name(),
        product.mixKey(0, line.colourwayId()));
  }

  /**
   * The lines of all orders that were due in those days; neither quotes nor what was called off.
   */
  @Transactional(readOnly = true)
  public List<DueLine> dueBetween(LocalDate from, LocalDate to) {
    return lines.dueBetween(from, to);
  }

  /** The lines of all orders that were placed in those days, the first ones first. */
  @Transactional(readOnly = true)
  public List<PastLine> placedBetween(LocalDate from, LocalDate to) {
    return lines.placedBetween(from, to);
  }

  @Transactional(readOnly = true)
  public OrderView order(long id) {
    return progress.of(entity(id));
  }

  /** The order of that number; null where there is none. */
  @Transactional(readOnly = true)
  public @Nullable OrderView byNumber(String number) {
    return orders.findByNumber(number).map(progress::of).orElse(null);
  }

  /** Refuses a line that is for another product or colourway. */
  @Transactional(readOnly = true)
  public LineName lineFor(long lineId, long productId, long colourwayId) {
    OrderLine line = line(lineId);
    LineName name = name(line);
    if (line.productId() != productId || line.colourwayId() != colourwayId) {
      throw ProblemException.conflict(
          "line.wrongProduct", Map.of("line", name.orderNumber() + "/" + name.position()));
    }
    return name;
  }

  @Transactional(readOnly = true)
  public LineName lineName(long lineId) {
    return name(line(lineId));
  }

  /** Lines by their ids, as they are named. */
  @Transactional(readOnly = true)
  public Map<Long, LineName> lineNames(Collection<Long> lineIds) {
    return lines.named(lineIds).stream().collect(toMap(LineName::lineId, identity()));
  }

  private OrderEntity seen(long id, long version) {
    OrderEntity order = entity(id);
    if (order.version() != version) {
      throw ProblemException.stale();
    }
    if (order.isCancelled()) {
      throw ProblemException.conflict("order.cancelled", Map.of("order", order.number()));
    }
    return order;
  }

  private OrderEntity entity(long id) {
    return orders.findById(id).orElseThrow(() -> ProblemException.unknown("order", id));
  }

  private OrderLine line(long id) {
    return lines.findById(id).orElseThrow(() -> ProblemException.unknown("order line", id));
  }

  private static LineName name(OrderLine line) {
    OrderEntity order = line.order();
    return new LineName(line.id(), order.id(), order.number(), line.position());
  }
}
