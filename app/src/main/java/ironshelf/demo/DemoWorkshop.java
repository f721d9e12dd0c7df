package ironshelf.demo;

import ironshelf.core.plan.OpenHours;
import ironshelf.cure.ProbeCollector;
import ironshelf.plan.PlanService;
import ironshelf.workshop.WorkshopChange;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
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
  private final WorkshopService workshop;
  private final PlanService plans;
  private final ProbeCollector probes;
  private final Clock clock;

  DemoWorkshop(
      DemoCatalogue catalogue,
      DemoOrders orders,
      DemoPours pours,
      WorkshopService workshop,
      PlanService plans,
      ProbeCollector probes,
      Clock clock) {
    this.catalogue = catalogue;
    this.orders = orders;
    this.pours = pours;
    this.workshop = workshop;
    this.plans = plans;
    this.probes = probes;
    this.clock = clock;
  }

  void furnish() {
    Instant now = clock.instant();
    WorkshopView shop = workshop.view();
    workshop.change(
        shop.version(),
        new WorkshopChange(
            shop.name(),
            shop.roomC(),
            shop.mixerL(),
            shop.scoopL(),
            shop.wastePercent(),
            shop.ratePerHour(),
            shop.cup(),
            new OpenHours(
                List.of(DayOfWeek.values()).subList(0, 6),
                LocalTime.of(7, 0),
                LocalTime.of(17, 0),
                null),
            2,
            "Saltmarsh Cast\nThe Old Net Loft\nReedmouth",
            shop.scaleG(),
            shop.families(),
            true,
            null));
    probes.collect(now.minus(READ), now);
    DemoCatalogue.Goods goods = catalogue.furnish(now);
    DemoOrders.Lines lines = orders.take(goods, now.atZone(clock.getZone()).toLocalDate());
    pours.work(goods, lines, now);
    plans.make();
  }
}
