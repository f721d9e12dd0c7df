package ironshelf.demo;

import ironshelf.cure.ProbeCollector;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;

/**
 * Saltmarsh Cast, an invented three-person workshop on an invented estuary, at an interesting
 * moment. All names, orders and prices are invented.
 */
@Component
class DemoWorkshop {

  /** For so long the probes have said something already. */
  private static final Duration READ = Duration.ofDays(15);

  private final DemoCatalogue catalogue;
  private final DemoOrders orders;
  private final DemoPours pours;
  private final ProbeCollector probes;
  private final Clock clock;

  DemoWorkshop(
      DemoCatalogue catalogue,
      DemoOrders orders,
      DemoPours pours,
      ProbeCollector probes,
      Clock clock) {
    this.catalogue = catalogue;
    this.orders = orders;
    this.pours = pours;
    this.probes = probes;
    this.clock = clock;
  }

  void furnish() {
    Instant now = clock.instant();
    probes.collect(now.minus(READ), now);
    DemoCatalogue.Goods goods = catalogue.furnish(now);
    DemoOrders.Lines lines = orders.take(goods, now.atZone(clock.getZone()).toLocalDate());
    pours.work(goods, lines, now);
  }
}
