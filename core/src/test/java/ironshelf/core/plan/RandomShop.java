package ironshelf.core.plan;

import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Workshops made up from a seed. */
public final class RandomShop {

  static final LocalDateTime START = LocalDateTime.of(2027, 3, 1, 7, 0);

  private RandomShop() {}

  public static PlanRequest of(long seed, int orders) {
    Random random = new Random(seed);
    List<PlanMould> moulds = new ArrayList<>();
    List<PlanProduct> products = new ArrayList<>();
    int kinds = 1 + random.nextInt(4);
    for (int m = 0; m < kinds; m++) {
      moulds.add(
          new PlanMould(
              "m" + m, 1 + random.nextInt(3), 1 + random.nextInt(3), random.nextInt(3) * 10));
      products.add(
          new PlanProduct("p" + m, "m" + m, "c", random.nextInt(3), "b" + m % 2, route(random)));
    }
    List<Demand> demands = new ArrayList<>();
    for (int d = 0; d < orders; d++) {
      demands.add(
          new Demand(
              "o" + d,
              "p" + random.nextInt(kinds),
              1 + random.nextInt(8),
              START.toLocalDate().plusDays(5 + random.nextInt(25)),
              1 + random.nextInt(3)));
    }
    return PlanRequest.fresh(
        START,
        hours(random),
        1 + random.nextInt(2),
        moulds,
        List.of(
            new PlanStation("bath", 3 + random.nextInt(6)),
            new PlanStation("boards", 6 + random.nextInt(10))),
        products,
        demands);
  }

  private static OpenHours hours(Random random) {
    List<DayOfWeek> days = new ArrayList<>(List.of(DayOfWeek.values()).subList(0, 5));
    if (random.nextBoolean()) {
      days.add(DayOfWeek.SATURDAY);
    }
    LocalDate closed = START.toLocalDate().plusDays(random.nextInt(10));
    return new OpenHours(
        days, LocalTime.of(7, 0), LocalTime.of(12 + random.nextInt(6), 0), List.of(closed));
  }

  private static List<PlanStep> route(Random random) {
    List<PlanStep> route = new ArrayList<>();
    route.add(work("pour", 5 + random.nextInt(20), 1, 0, false));
    route.add(wait("set", 1 + random.nextInt(40), null));
    route.add(work("demould", 2 + random.nextInt(10), 1, 0, true));
    if (random.nextBoolean()) {
      route.add(wait("bath", 24, "bath"));
      route.add(work("rinse", 3, 1, 0, false));
    }
    route.add(wait("dry", 24 * (1 + random.nextInt(7)), random.nextBoolean() ? "boards" : null));
    route.add(work("seal", 4, 1 + random.nextInt(3), 15, false));
    route.add(wait("rest", 24, null));
    if (random.nextBoolean()) {
      route.add(work("pack", 5, 1, 0, false));
    }
    return route;
  }

  static PlanStep work(String step, double minutes, int times, double gap, boolean frees) {
    return new PlanStep(step, minutes, 0, null, times, gap, frees);
  }

  static PlanStep wait(String step, double hours, String station) {
    return new PlanStep(step, 0, hours, station, 1, 0, false);
  }
}
