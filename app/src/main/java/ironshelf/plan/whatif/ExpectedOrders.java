package ironshelf.plan.whatif;

import ironshelf.order.OrderService;
import ironshelf.plan.basis.PlanFacts;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What will likely be ordered: what was ordered in the season before, again. */
@Component
@Transactional(readOnly = true)
class ExpectedOrders {

  private static final int SEASON_DAYS = 91;

  /** A plan of more is no plan that anybody reads. */
  private static final int MOST_LINES = 400;

  private final OrderService orders;
  private final Clock clock;

  ExpectedOrders(OrderService orders, Clock clock) {
    this.orders = orders;
    this.clock = clock;
  }

  /** The lines of the last 91 days, each 91 days later. */
  List<PlanFacts.Expected> season() {
    LocalDate today = LocalDate.now(clock);
    return orders.placedBetween(today.minusDays(SEASON_DAYS - 1), today).stream()
        .limit(MOST_LINES)
        .map(
            l ->
                new PlanFacts.Expected(
                    new PlanFacts.Wanted(l.productId(), l.colourwayId()),
                    l.quantity(),
                    l.due().plusDays(SEASON_DAYS)))
        .toList();
  }
}
