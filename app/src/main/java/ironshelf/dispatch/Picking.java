package ironshelf.dispatch;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import ironshelf.customer.CustomerService;
import ironshelf.material.consumption.StepStock;
import ironshelf.mould.DrawnMould;
import ironshelf.mould.MouldService;
import ironshelf.order.AllotmentService;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.order.allotment.AllotmentView;
import ironshelf.order.allotment.LineAllotments;
import ironshelf.order.line.OrderLineView;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
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
  private final PieceService pieces;
  private final StepStock steps;

  Picking(
      OrderService orders,
      AllotmentService allotments,
      CustomerService customers,
      ProductService products,
      MouldService moulds,
      PieceService pieces,
      StepStock steps) {
    this.orders = orders;
    this.allotments = allotments;
    this.customers = customers;
    this.products = products;
    this.moulds = moulds;
    this.pieces = pieces;
    this.steps = steps;
  }

  List<PickView> list() {
    return orders.open().stream()
        .filter(o -> o.lines().stream().anyMatch(l -> l.ready() > 0))
        .map(this::of)
        .toList();
  }

  /** What went into pieces since they were last on the scale, in kg: at steps, and as parts. */
  private Map<Long, Double> filledKg(
      List<LineAllotments> allotted, Map<Long, ProductView> all, Map<Long, DrawnMould> drawn) {
    List<Long> ids =
        allotted.stream()
            .flatMap(l -> l.own().stream())
            .filter(p -> !p.sent())
            .map(AllotmentView::pieceId)
            .toList();
    return sinceWeighedKg(ids, all, drawn);
  }

  private Map<Long, Double> sinceWeighedKg(
      List<Long> ids, Map<Long, ProductView> all, Map<Long, DrawnMould> drawn) {
    Map<Long, Long> weighedAt = pieces.lastWeighing(ids);
    Map<Long, Double> kg = new HashMap<>();
    for (long id : ids) {
      List<PieceView> parts = pieces.partsSince(id, weighedAt.getOrDefault(id, 0L));
      if (!parts.isEmpty()) {
        Map<Long, Double> more =
            sinceWeighedKg(parts.stream().map(PieceView::id).toList(), all, drawn);
        for (PieceView part : parts) {
          BigDecimal own = part.massKg();
          DrawnMould mould = drawn.get(all.get(part.productId()).mouldId());
          kg.merge(
              id,
              (own == null ? usualKg(mould) : own.doubleValue())
                  + more.getOrDefault(part.id(), 0.0),
              Double::sum);
        }
      }
    }
    steps
        .of(ids)
        .forEach(
            (id, taken) ->
                taken.stream()
                    .filter(t -> t.actId() > weighedAt.getOrDefault(id, 0L))
                    .forEach(t -> kg.merge(id, t.massKg().doubleValue(), Double::sum)));
    return kg;
  }

  private static double usualKg(DrawnMould mould) {
    return mould.capacityL() / mould.cavities() * DRY_KG_L;
  }

  PickView of(OrderView order) {
    Map<Long, ProductView> productsById = products.all();
    Map<Long, DrawnMould> drawn = moulds.drawn();
    Map<Long, OrderLineView> lines =
        order.lines().stream().collect(toMap(OrderLineView::id, identity()));
    Map<String, List<PickView.PickPiece>> byPlace = new TreeMap<>();
    List<LineAllotments> allotted = allotments.ofOrder(order.id());
    Map<Long, Double> filledKg = filledKg(allotted, productsById, drawn);
    for (LineAllotments line : allotted) {
      OrderLineView of = lines.get(line.lineId());
      ProductView product = productsById.get(of.productId());
      DrawnMould mould = drawn.get(product.mouldId());
      String place = product.shelfPlace() == null ? NO_PLACE : product.shelfPlace();
      for (AllotmentView piece : line.own()) {
        if (piece.readyAt() != null && !piece.sent()) {
          double usual = usualKg(mould);
          byPlace
              .computeIfAbsent(place, p -> new ArrayList<>())
              .add(
                  new PickView.PickPiece(
                      piece.pieceId(),
                      of.id(),
                      of.product(),
                      of.colourway(),
                      (piece.massKg() == null ? usual : piece.massKg().doubleValue())
                          + filledKg.getOrDefault(piece.pieceId(), 0.0),
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
