package ironshelf.dispatch;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import ironshelf.customer.CustomerService;
import ironshelf.mould.DrawnMould;
import ironshelf.mould.MouldService;
import ironshelf.order.AllotmentService;
import ironshelf.order.AllotmentView;
import ironshelf.order.LineAllotments;
import ironshelf.order.OrderLineView;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What is ready to go, order by order and place by place. */
@Component
@Transactional(readOnly = true)
class Picking {

  /** Concrete when it is dry, where a piece was not weighed (common practice). */
  private static final double DRY_KG_L = 2.1;

  private static final String NO_PLACE = "no place kept";

  private final OrderService orders;
  private final AllotmentService allotments;
  private final CustomerService customers;
  private final ProductService products;
  private final MouldService moulds;

  Picking(
      OrderService orders,
      AllotmentService allotments,
      CustomerService customers,
      ProductService products,
      MouldService moulds) {
    this.orders = orders;
    this.allotments = allotments;
    this.customers = customers;
    this.products = products;
    this.moulds = moulds;
  }

  List<PickView> list() {
    return orders.open().stream()
        .filter(o -> o.lines().stream().anyMatch(l -> l.ready() > 0))
        .map(this::of)
        .toList();
  }

  PickView of(OrderView order) {
    Map<Long, ProductView> productsById = products.all();
    Map<Long, DrawnMould> drawn = moulds.drawn();
    Map<Long, OrderLineView> lines =
        order.lines().stream().collect(toMap(OrderLineView::id, identity()));
    Map<String, List<PickView.PickPiece>> byPlace = new TreeMap<>();
    for (LineAllotments line : allotments.ofOrder(order.id())) {
      OrderLineView of = lines.get(line.lineId());
      ProductView product = productsById.get(of.productId());
      DrawnMould mould = drawn.get(product.mouldId());
      String place = product.shelfPlace() == null ? NO_PLACE : product.shelfPlace();
      for (AllotmentView piece : line.own()) {
        if (piece.readyAt() != null && !piece.sent()) {
          double usual = mould.capacityL() / mould.cavities() * DRY_KG_L;
          byPlace
              .computeIfAbsent(place, p -> new ArrayList<>())
              .add(
                  new PickView.PickPiece(
                      piece.pieceId(),
                      of.id(),
                      of.product(),
                      of.colourway(),
                      piece.massKg() == null ? usual : piece.massKg().doubleValue(),
                      piece.massKg() != null));
        }
      }
    }
    int toCome = order.lines().stream().mapToInt(l -> l.toPour() + l.inMould() + l.curing()).sum();
    return new PickView(
        order.id(),
        order.number(),
        order.customer(),
        customers.customer(order.customerId()).address(),
        order.due(),
        toCome,
        byPlace.entrySet().stream()
            .map(e -> new PickView.PickPlace(e.getKey(), e.getValue()))
            .toList());
  }
}
