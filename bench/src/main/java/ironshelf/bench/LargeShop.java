package ironshelf.bench;

import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.plan.PlanStep;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** A workshop with a full order book: twelve moulds of two to five copies, three people. */
final class LargeShop {

  static final LocalDateTime START = LocalDateTime.of(2027, 3, 1, 7, 0);

  private LargeShop() {}

  static PlanRequest of(long seed, int orders) {
    Random random = new Random(seed);
    List<PlanMould> moulds = new ArrayList<>();
    List<PlanProduct> products = new ArrayList<>();
    for (int m = 0; m < 12; m++) {
      moulds.add(new PlanMould("m" + m, 2 + random.nextInt(4), 1, 10));
      for (int c = 0; c < 3; c++) {
        products.add(
            new PlanProduct(
                "p" + m + "-" + c,
                "m" + m,
                "c" + c,
                c,
                "binder" + m % 3,
                List.of(
                    work("pour", 6, 1, 0, false),
                    wait("set", m % 2 == 0 ? 3 : 24, null),
                    work("demould", 3, 1, 0, true),
                    wait("bath", 24, "bath"),
                    wait("dry", 168, "drying"),
                    work("seal", 2, 2, 15, false),
                    wait("rest", 24, null),
                    work("pack", 2, 1, 0, false))));
      }
    }
    List<Demand> demands = new ArrayList<>();
    for (int d = 0; d < orders; d++) {
      demands.add(
          new Demand(
              "o" + d,
              products.get(random.nextInt(products.size())).product(),
              4 + random.nextInt(17),
              START.toLocalDate().plusDays(14 + random.nextInt(20 + orders / 3)),
              1 + random.nextInt(3),
              null));
    }
    return PlanRequest.fresh(
        START,
        new OpenHours(
            List.of(DayOfWeek.values()).subList(0, 6),
            LocalTime.of(7, 0),
            LocalTime.of(17, 0),
            List.of()),
        3,
        moulds,
        List.of(new PlanStation("bath", 120), new PlanStation("drying", 800)),
        products,
        demands);
  }

  private static PlanStep work(String step, double minutes, int times, double gap, boolean frees) {
    return new PlanStep(step, minutes, 0, null, times, gap, frees, null);
  }

  private static PlanStep wait(String step, double hours, String station) {
    return new PlanStep(step, 0, hours, station, 1, 0, false, null);
  }
}
