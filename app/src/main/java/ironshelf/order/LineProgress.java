package ironshelf.order;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.customer.CustomerService;
import ironshelf.customer.CustomerView;
import ironshelf.order.allotment.AllotmentRepository;
import ironshelf.order.line.OrderLineView;
import ironshelf.order.line.OrderStage;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.recipe.RecipeService;
import ironshelf.recipe.colourway.ColourwayView;
import ironshelf.store.RangeReads;
import java.math.BigDecimal;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/**
 * How far orders are, worked out from the pieces allotted to them; a few queries for any number.
 */
@Component
class LineProgress {

  private final AllotmentRepository allotments;
  private final CustomerService customers;
  private final ProductService products;
  private final RecipeService recipes;

  LineProgress(
      AllotmentRepository allotments,
      CustomerService customers,
      ProductService products,
      RecipeService recipes) {
    this.allotments = allotments;
    this.customers = customers;
    this.products = products;
    this.recipes = recipes;
  }

  OrderView of(OrderEntity order) {
    return of(List.of(order)).get(0);
  }

  List<OrderView> of(Collection<OrderEntity> orders) {
    List<OrderLine> all = orders.stream().flatMap(o -> o.lines().stream()).toList();
    Map<Long, List<AllotmentRepository.Allotted>> byLine =
        RangeReads.read(
                all.stream().map(OrderLine::id).toList(),
                allotments::allotted,
                allotments::allottedBetween,
                AllotmentRepository.Allotted::lineId)
            .stream()
            .collect(groupingBy(AllotmentRepository.Allotted::lineId));
    Map<Long, ProductView> productsById = products.all();
    Map<Long, ColourwayView> colourwaysById = recipes.allColourways();
    Map<Long, CustomerView> customersById = customers.byId();
    return orders.stream()
        .map(
            order ->
                view(
                    order,
                    customersById.get(order.customerId()),
                    order.lines().stream()
                        .map(
                            line ->
                                view(
                                    line,
                                    productsById.get(line.productId()),
                                    colourwaysById.get(line.colourwayId()),
                                    Count.of(byLine.getOrDefault(line.id(), List.of()))))
                        .toList()))
        .toList();
  }

  private static OrderView view(
      OrderEntity order, CustomerView customer, List<OrderLineView> lines) {
    return new OrderView(
        order.id(),
        order.version(),
        order.number(),
        customer.id(),
        customer.name(),
        order.placedOn(),
        order.due(),
        order.note(),
        order.isQuote(),
        order.promisedOn(),
        order.depositOn(),
        order.paidOn(),
        order.feedOrder(),
        stage(order, lines),
        lines.stream()
            .map(l -> l.price().multiply(BigDecimal.valueOf(l.quantity() - l.refunded())))
            .reduce(BigDecimal.ZERO, BigDecimal::add),
        lines,
        order.who(),
        order.changedBy());
  }

  private static OrderStage stage(OrderEntity order, List<OrderLineView> lines) {
    if (order.isCancelled()) {
      return OrderStage.CANCELLED;
    }
    if (order.isQuote()) {
      return OrderStage.QUOTE;
    }
    Set<OrderStage> stages = lines.stream().map(OrderLineView::stage).collect(Collectors.toSet());
    boolean anySent = lines.stream().anyMatch(l -> l.sent() > 0);
    if (stages.equals(Set.of(OrderStage.SENT))) {
      return OrderStage.SENT;
    }
    if (anySent) {
      return OrderStage.PART_SENT;
    }
    if (lines.stream().anyMatch(l -> l.toPour() > 0)) {
      return lines.stream().allMatch(l -> l.stage() == OrderStage.OPEN)
          ? OrderStage.OPEN
          : OrderStage.POURING;
    }
    return lines.stream().anyMatch(l -> l.stage() == OrderStage.CURING)
        ? OrderStage.CURING
        : OrderStage.READY;
  }

  private static OrderLineView view(
      OrderLine line, ProductView product, ColourwayView colourway, Count count) {
    int toPour = Math.max(0, line.quantity() - line.refunded() - count.sound());
    return new OrderLineView(
        line.id(),
        line.position(),
        line.productId(),
        product.name(),
        product.mouldId(),
        line.colourwayId(),
        colourway.name(),
        colourway.swatch(),
        line.quantity(),
        line.price(),
        line.due(),
        line.note(),
        stage(toPour, count),
        count.inMould,
        count.curing,
        count.ready,
        count.sent,
        line.refunded(),
        count.scrapped,
        count.shades,
        toPour);
  }

  private static OrderStage stage(int toPour, Count count) {
    boolean unsent = toPour + count.inMould + count.curing + count.ready > 0;
    if (!unsent) {
      return OrderStage.SENT;
    }
    if (count.sent > 0) {
      return OrderStage.PART_SENT;
    }
    if (toPour > 0) {
      return count.sound() == 0 ? OrderStage.OPEN : OrderStage.POURING;
    }
    return count.inMould + count.curing > 0 ? OrderStage.CURING : OrderStage.READY;
  }

  /** The pieces of a line by where they are. */
  private record Count(int inMould, int curing, int ready, int sent, int scrapped, int shades) {

    static Count of(List<AllotmentRepository.Allotted> allotted) {
      int inMould = 0;
      int curing = 0;
      int ready = 0;
      int sent = 0;
      int scrapped = 0;
      Set<Long> pours = new HashSet<>();
      for (AllotmentRepository.Allotted piece : allotted) {
        boolean scrap = piece.scrapReason() != null;
        if (!scrap) {
          pours.add(piece.pourId());
        }
        if (piece.sentAt() != null) {
          sent++;
        } else if (scrap) {
          scrapped++;
        } else if (piece.demouldedAt() == null) {
          inMould++;
        } else if (piece.readyAt() == null) {
          curing++;
        } else {
          ready++;
        }
      }
      return new Count(inMould, curing, ready, sent, scrapped, pours.size());
    }

    int sound() {
      return inMould + curing + ready + sent;
    }
  }
}
