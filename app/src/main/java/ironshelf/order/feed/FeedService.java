package ironshelf.order.feed;

import static java.util.Objects.requireNonNull;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import ironshelf.customer.CustomerRequest;
import ironshelf.customer.CustomerService;
import ironshelf.http.problem.ProblemException;
import ironshelf.order.GoodsNames;
import ironshelf.order.OrderRequest;
import ironshelf.order.OrderRequest.LineRequest;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.order.line.OrderLineView;
import ironshelf.order.line.OrderStage;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes messages in the order in which they come, each once. */
@Service
@Transactional
public class FeedService {

  private static final int LONGEST_NUMBER = 20;

  private final TakenFeedMessageRepository taken;
  private final OrderService orders;
  private final CustomerService customers;
  private final GoodsNames goods;
  private final Clock clock;

  FeedService(
      TakenFeedMessageRepository taken,
      OrderService orders,
      CustomerService customers,
      GoodsNames goods,
      Clock clock) {
    this.taken = taken;
    this.orders = orders;
    this.customers = customers;
    this.goods = goods;
    this.clock = clock;
  }

  /**
   * Takes one message.
   *
   * @throws RefusedException or {@link ProblemException} where it cannot be taken; it is not kept
   *     then, so that it may come again once what was wrong is mended
   */
  public FeedView.TakenMessage take(FeedMessage message) {
    if (taken.existsById(message.messageId())) {
      return view(message, FeedOutcome.REPEATED, null);
    }
    @Nullable Integer latest = taken.latestRevision(message.order());
    if (latest != null && message.revision() <= latest) {
      keep(message, FeedOutcome.OUTDATED);
      return view(message, FeedOutcome.OUTDATED, null);
    }
    @Nullable OrderView known = orders.byFeedOrder(message.order());
    return message.kind() == FeedMessage.FeedKind.CANCELLED
        ? cancel(message, known)
        : place(message, known);
  }

  private FeedView.TakenMessage cancel(FeedMessage message, @Nullable OrderView known) {
    keep(message, FeedOutcome.CANCELLED);
    if (known != null && known.stage() != OrderStage.CANCELLED) {
      orders.cancel(known.id(), known.version());
    }
    return view(message, FeedOutcome.CANCELLED, known == null ? null : known.id());
  }

  private FeedView.TakenMessage place(FeedMessage message, @Nullable OrderView known) {
    List<LineRequest> lines = lines(message, known);
    FeedMessage.FeedCustomer who = requireNonNull(message.customer());
    long customerId =
        customers.named(new CustomerRequest(who.name(), who.address(), who.email())).id();
    boolean fits =
        message.order().length() <= LONGEST_NUMBER && orders.byNumber(message.order()) == null;
    OrderRequest request =
        new OrderRequest(
            fits ? message.order() : null,
            customerId,
            message.placedOn(),
            message.due(),
            message.note(),
            false,
            lines);
    if (known == null) {
      OrderView placed = orders.placeFed(request, message.order());
      keep(message, FeedOutcome.PLACED);
      return view(message, FeedOutcome.PLACED, placed.id());
    }
    if (known.stage() == OrderStage.CANCELLED) {
      throw ProblemException.conflict("order.cancelled", Map.of("order", known.number()));
    }
    orders.change(known.id(), known.version(), request);
    keep(message, FeedOutcome.CHANGED);
    return view(message, FeedOutcome.CHANGED, known.id());
  }

  /** Lines that the order has already keep their place and their pieces. */
  private List<LineRequest> lines(FeedMessage message, @Nullable OrderView known) {
    Findings findings = new Findings();
    List<OrderLineView> own = new ArrayList<>(known == null ? List.of() : known.lines());
    List<LineRequest> lines = new ArrayList<>();
    List<FeedMessage.FeedLine> asked = requireNonNull(message.lines());
    for (int i = 0; i < asked.size(); i++) {
      FeedMessage.FeedLine line = asked.get(i);
      GoodsNames.@Nullable Goods named =
          goods.find(line.product(), line.colourway(), "lines." + i + ".", findings);
      if (named != null) {
        @Nullable OrderLineView same =
            own.stream()
                .filter(
                    l ->
                        l.productId() == named.productId()
                            && l.colourwayId() == named.colourwayId())
                .findFirst()
                .orElse(null);
        own.remove(same);
        lines.add(
            new LineRequest(
                same == null ? null : same.id(),
                named.productId(),
                named.colourwayId(),
                line.quantity(),
                line.price(),
                null,
                line.note()));
      }
    }
    findings.orRefuse();
    return lines;
  }

  private void keep(FeedMessage message, FeedOutcome outcome) {
    taken.save(new TakenFeedMessage(message, outcome, clock.instant()));
  }

  private static FeedView.TakenMessage view(
      FeedMessage message, FeedOutcome outcome, @Nullable Long orderId) {
    return new FeedView.TakenMessage(
        message.messageId(), message.order(), outcome, orderId, List.of());
  }
}
