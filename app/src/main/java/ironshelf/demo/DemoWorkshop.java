package ironshelf.demo;

import ironshelf.core.plan.OpenHours;
import ironshelf.core.quantity.style.UnitSystem;
import ironshelf.cure.ProbeCollector;
import ironshelf.plan.PlanService;
import ironshelf.style.ClockStyle;
import ironshelf.style.ScaleUnit;
import ironshelf.style.ShopStyle;
import ironshelf.workshop.WorkshopChange;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Saltmarsh Cast, an invented three-person workshop on an invented estuary, at an interesting
 * moment. All names, orders and prices are invented.
 */
@Component
class DemoWorkshop {

  /** For so long the probes have said something already. */
  private static final Duration READ = Duration.ofDays(15);

  private static final double TENTH_OUNCE_G = 2.834_952_312_5;

  private final DemoCatalogue catalogue;
  private final DemoOrders orders;
  private final DemoPours pours;
  private final WorkshopService workshop;
  private final PlanService plans;
  private final ProbeCollector probes;
  private final Clock clock;
  private final DemoSeason season;
  private final int weeks;
  private final UnitSystem units;

  DemoWorkshop(
      DemoCatalogue catalogue,
      DemoOrders orders,
      DemoPours pours,
      WorkshopService workshop,
      PlanService plans,
      ProbeCollector probes,
      Clock clock,
      DemoSeason season,
      @Value("${ironshelf.demo-weeks}") int weeks,
      @Value("${ironshelf.demo-units}") UnitSystem units) {
    this.catalogue = catalogue;
    this.orders = orders;
    this.pours = pours;
    this.workshop = workshop;
    this.plans = plans;
    this.probes = probes;
    this.clock = clock;
    this.season = season;
    this.weeks = weeks;
    this.units = units;
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
            null,
            "Saltmarsh Cast\nThe Old Net Loft\nReedmouth",
            units == UnitSystem.US ? TENTH_OUNCE_G : shop.scaleG(),
            shop.families(),
            true,
            style()));
    DemoCatalogue.Goods goods = catalogue.furnish();
    if (weeks > 0) {
      season.work(goods, catalogue.smoke(goods), now, weeks);
    }
    probes.collect(now.minus(READ), now);
    catalogue.deliver(now, weeks > 0 ? "0.8" : "2.4");
    DemoOrders.Lines lines = orders.take(goods, now.atZone(clock.getZone()).toLocalDate());
    pours.work(goods, lines, now);
    plans.make();
  }

  private ShopStyle style() {
    return units == UnitSystem.US
        ? new ShopStyle(units, ScaleUnit.OZ, "USD", ClockStyle.H12, DayOfWeek.SUNDAY, null)
        : ShopStyle.USUAL;
  }
}
