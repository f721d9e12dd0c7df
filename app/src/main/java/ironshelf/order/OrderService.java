package ironshelf.order;

import ironshelf.http.PageOf;
import ironshelf.http.ProblemException;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Orders and allotments. */
@Service
@Transactional
public class OrderService {

  /** One line of a new order. */
  public record NewLine(long productId, long colourwayId, int quantity, BigDecimal price) {}

  /** A line by its order's number and its place there. */
  public record LineName(long lineId, long orderId, String orderNumber, int position) {}

  private final OrderRepository orders;
  private final OrderLineRepository lines;
  private final AllotmentRepository allotments;
  private final LineProgress progress;

  OrderService(
      OrderRepository orders,
      OrderLineRepository lines,
      AllotmentRepository allotments,
      LineProgress progress) {
    this.orders = orders;
    this.lines = lines;
    this.allotments = allotments;
    this.progress = progress;
  }

  /** Takes an order in. */
  public OrderView place(
      String number, String customer, LocalDate placedOn, LocalDate due, List<NewLine> wanted) {
    OrderEntity order = new OrderEntity(number, customer, placedOn, due);
    wanted.forEach(l -> order.addLine(l.productId(), l.colourwayId(), l.quantity(), l.price()));
    return view(orders.save(order));
  }

  @Transactional(readOnly = true)
  public PageOf<OrderView> orders(String search, Pageable page) {
    String literal = search.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
    Page<OrderEntity> found = orders.search(literal, page);
    Map<Long, List<OrderLineView>> byOrder = progress.of(found.getContent());
    return PageOf.of(found, o -> o.view(byOrder.getOrDefault(o.id(), List.of())));
  }

  @Transactional(readOnly = true)
  public OrderView order(long id) {
    return view(orders.findById(id).orElseThrow(() -> ProblemException.unknown("order", id)));
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

  /**
   * Ties pieces to a line as far as it wants more; the rest stay free.
   *
   * @return how many were tied
   */
  public int allot(long lineId, List<Long> pieceIds, Instant at) {
    OrderEntity order = line(lineId).order();
    int wanted =
        progress.of(List.of(order)).get(order.id()).stream()
            .filter(l -> l.id() == lineId)
            .mapToInt(OrderLineView::toPour)
            .sum();
    List<Long> taken = pieceIds.subList(0, Math.min(wanted, pieceIds.size()));
    taken.forEach(pieceId -> allotments.save(new Allotment(lineId, pieceId, at)));
    return taken.size();
  }

  /** Unties pieces from whatever they are tied to. */
  public void free(List<Long> pieceIds) {
    allotments.deleteAll(allotments.findByPieceIdIn(pieceIds));
    allotments.flush();
  }

  /** How many of these pieces are tied to a line. */
  @Transactional(readOnly = true)
  public int allottedOf(List<Long> pieceIds) {
    return allotments.countByPieceIdIn(pieceIds);
  }

  private OrderView view(OrderEntity order) {
    return order.view(progress.of(List.of(order)).getOrDefault(order.id(), List.of()));
  }

  private OrderLine line(long id) {
    return lines.findById(id).orElseThrow(() -> ProblemException.unknown("order line", id));
  }

  private static LineName name(OrderLine line) {
    OrderEntity order = line.order();
    return new LineName(line.id(), order.id(), order.number(), line.position());
  }
}
