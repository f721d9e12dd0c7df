package ironshelf.demo;

import java.time.Clock;
import java.time.Instant;
import org.springframework.stereotype.Component;

/**
 * Saltmarsh Cast, an invented three-person workshop on an invented estuary, at an interesting
 * moment. All names, orders and prices are invented.
 */
@Component
class DemoWorkshop {

  private final DemoCatalogue catalogue;
  private final DemoOrders orders;
  private final DemoPours pours;
  private final Clock clock;

  DemoWorkshop(DemoCatalogue catalogue, DemoOrders orders, DemoPours pours, Clock clock) {
    this.catalogue = catalogue;
    this.orders = orders;
    this.pours = pours;
    this.clock = clock;
  }

  void furnish() {
    Instant now = clock.instant();
    DemoCatalogue.Goods goods = catalogue.furnish(now);
    DemoOrders.Lines lines = orders.take(goods, now.atZone(clock.getZone()).toLocalDate());
    pours.work(goods, lines, now);
  }
}
