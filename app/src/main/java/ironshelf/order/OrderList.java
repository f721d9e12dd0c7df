package ironshelf.order;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toSet;

import ironshelf.customer.CustomerService;
import ironshelf.customer.CustomerView;
import ironshelf.http.problem.ProblemException;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageImpl;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Component;

/**
 * The order book in short, in which orders are found by any words that stand on them. It is read
 * once until orders, or what they are named by, change: a database looks for words in every row.
 */
@Component
class OrderList {

  private static final Map<String, Comparator<Entry>> SORTS =
      Map.of(
          "due", Comparator.comparing(Entry::due),
          "id", Comparator.comparingLong(Entry::id),
          "number", Comparator.comparing(Entry::number),
          "placedOn", Comparator.comparing(Entry::placedOn));

  /** An order without its lines. */
  record Head(
      long id,
      String number,
      LocalDate due,
      LocalDate placedOn,
      boolean quote,
      @Nullable Instant cancelledAt,
      long customerId,
      @Nullable String note) {}

  /** A line that stands. */
  record Line(long orderId, long productId, long colourwayId, @Nullable String note) {}

  /**
   * @param words all that stands on it, in lower case
   */
  private record Entry(
      long id,
      String number,
      LocalDate due,
      LocalDate placedOn,
      boolean quote,
      boolean cancelled,
      String words) {}

  private final OrderRepository orders;
  private final OrderLineRepository lines;
  private final CustomerService customers;
  private final ProductService products;
  private final RecipeService recipes;
  private final CachedRead<List<Entry>> all;

  OrderList(
      OrderRepository orders,
      OrderLineRepository lines,
      CustomerService customers,
      ProductService products,
      RecipeService recipes,
      TableVersions changes) {
    this.orders = orders;
    this.lines = lines;
    this.customers = customers;
    this.products = products;
    this.recipes = recipes;
    this.all =
        changes.keep(this::read, "orders", "order_lines", "customers", "products", "colourways");
  }

  private List<Entry> read() {
    Map<Long, List<Line>> byOrder = lines.inShort().stream().collect(groupingBy(Line::orderId));
    Map<Long, CustomerView> customersById = customers.byId();
    Map<Long, ProductView> productsById = products.all();
    Map<Long, ColourwayView> colourways = recipes.allColourways();
    return orders.inShort().stream()
        .map(
            o -> {
              StringBuilder words = new StringBuilder(o.number);
              add(words, o.note);
              add(words, customersById.get(o.customerId).name());
              for (Line line : byOrder.getOrDefault(o.id, List.of())) {
                add(words, productsById.get(line.productId).name());
                add(words, colourways.get(line.colourwayId).name());
                add(words, line.note);
              }
              return new Entry(
                  o.id,
                  o.number,
                  o.due,
                  o.placedOn,
                  o.quote,
                  o.cancelledAt != null,
                  words.toString().toLowerCase(Locale.ROOT));
            })
        .toList();
  }

  /** Each on a line of its own: nothing is found across two of them. */
  private static void add(StringBuilder words, @Nullable String text) {
    if (text != null) {
      words.append('\n').append(text);
    }
  }

  /**
   * The orders that have these words.
   *
   * @param elsewhere orders that something else of theirs was found by
   * @param open accepted, and not all sent
   */
  Page<Long> find(
      String words, Collection<Long> elsewhere, List<OrderView> open, Which which, Pageable page) {
    String lower = words.toLowerCase(Locale.ROOT);
    Predicate<Entry> stands = stands(which, open.stream().map(OrderView::id).collect(toSet()));
    List<Long> found =
        all.get().stream()
            .filter(stands)
            .filter(e -> e.words.contains(lower) || elsewhere.contains(e.id))
            .sorted(comparator(page.getSort()))
            .map(Entry::id)
            .toList();
    int from = (int) Math.min(page.getOffset(), found.size());
    int to = Math.min(from + page.getPageSize(), found.size());
    return new PageImpl<>(found.subList(from, to), page, found.size());
  }

  private static Predicate<Entry> stands(Which which, Set<Long> open) {
    return switch (which) {
      case ALL -> e -> true;
      case QUOTES -> e -> e.quote && !e.cancelled;
      case OPEN -> e -> open.contains(e.id);
      case CLOSED -> e -> e.cancelled || (!e.quote && !open.contains(e.id));
    };
  }

  private static Comparator<Entry> comparator(Sort sort) {
    Comparator<Entry> by = null;
    for (Sort.Order order : sort) {
      Comparator<Entry> next = SORTS.get(order.getProperty());
      if (next == null) {
        throw ProblemException.unknown("column to sort orders by", order.getProperty());
      }
      next = order.isAscending() ? next : next.reversed();
      by = by == null ? next : by.thenComparing(next);
    }
    Comparator<Entry> byId = Comparator.comparingLong(Entry::id);
    return by == null ? byId : by.thenComparing(byId);
  }
}
