package ironshelf.core.plan;

import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.plan.PlanStep.LayerMix;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Workshops made up from a seed. */
public final class RandomShop {

  public static final LocalDateTime START = LocalDateTime.of(2027, 3, 1, 7, 0);

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
              1 + random.nextInt(3),
              null));
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

  /** So many casts of short routes, for one person or two who are in for some hours, much due. */
  public static PlanRequest ofPeople(long seed, int casts) {
    return ofPeople(seed, casts, 3);
  }

  /**
   * The same in so many kinds of mould; three products, so that several of them with set times of
   * their own share a mould where there are fewer.
   */
  public static PlanRequest ofPeople(long seed, int casts, int kinds) {
    Random random = new Random(seed);
    List<PlanMould> moulds = new ArrayList<>();
    List<PlanProduct> products = new ArrayList<>();
    for (int m = 0; m < 3; m++) {
      PlanMould mould = new PlanMould("m" + m, 1 + random.nextInt(2), 1, random.nextInt(2) * 10);
      if (m < kinds) {
        moulds.add(mould);
      }
      products.add(
          new PlanProduct(
              "p" + m,
              "m" + m % kinds,
              "c",
              0,
              null,
              List.of(
                  work("pour", 20 + random.nextInt(60), 1, 0, false),
                  wait("set", 2 + random.nextInt(20), null),
                  work("demould", 10 + random.nextInt(30), 1, 0, true),
                  wait("dry", 20 + random.nextInt(40), null),
                  work("seal", 10 + random.nextInt(20), 1, 0, false))));
    }
    List<Demand> demands = new ArrayList<>();
    for (int left = casts; left > 0; ) {
      int quantity = Math.min(left, 1 + random.nextInt(3));
      left -= quantity;
      demands.add(
          new Demand(
              "o" + demands.size(),
              "p" + random.nextInt(3),
              quantity,
              START.toLocalDate().plusDays(3 + random.nextInt(6)),
              1 + random.nextInt(3),
              null));
    }
    return PlanRequest.fresh(
        START,
        new OpenHours(
            List.of(DayOfWeek.values()).subList(0, 5),
            LocalTime.of(7, 0),
            LocalTime.of(11 + random.nextInt(4), 0),
            null),
        1 + random.nextInt(2),
        moulds,
        List.of(),
        products,
        demands);
  }

  /** The same, mixed in bowls: two recipes, one of them fast, in three colours. */
  public static PlanRequest inBowls(long seed, int orders, boolean parts) {
    PlanRequest plain = parts ? withParts(seed, orders) : of(seed, orders);
    Random random = new Random(seed + 7_000);
    List<PlanRecipe> recipes = new ArrayList<>();
    for (int r = 0; r < 2; r++) {
      recipes.add(
          new PlanRecipe(
              "r" + r,
              3 + random.nextInt(9),
              // At times too short for one person to fill what the mixer holds.
              random.nextBoolean() ? null : Double.valueOf(20 + random.nextInt(40)),
              random.nextInt(2),
              random.nextInt(3) == 0 ? 1.5 : 0,
              random.nextInt(9),
              random.nextBoolean() ? null : Double.valueOf(5 + random.nextInt(15))));
    }
    List<PlanStation> stations = new ArrayList<>(plain.stations());
    stations.add(new PlanStation("tent", 3 + random.nextInt(4)));
    List<PlanProduct> products = new ArrayList<>();
    for (PlanProduct p : plain.products()) {
      int colour = random.nextInt(3);
      products.add(
          new PlanProduct(
              p.product(),
              p.mould(),
              "c" + colour,
              colour,
              p.binder(),
              layered(
                  new Random(seed * 31 + products.size()),
                  inTent(
                      random.nextInt(4) == 0,
                      gettingReady(
                          random.nextInt(3) * 7,
                          random.nextBoolean()
                              ? p.route()
                              : inWindow(p.route(), random.nextInt(6))))),
              random.nextInt(6) == 0 ? null : "r" + random.nextInt(2),
              0.2 + random.nextInt(60) / 10.0,
              random.nextInt(5) == 0 ? START.plusDays(1 + random.nextInt(6)) : null,
              random.nextBoolean() ? "glass fibre" : null));
    }
    List<Demand> demands =
        plain.demands().stream()
            .map(
                d ->
                    new Demand(
                        d.order(),
                        d.product(),
                        d.quantity(),
                        d.due(),
                        d.weight(),
                        d.feeds(),
                        random.nextInt(3) == 0))
            .toList();
    List<PlanMixer> mixers = new ArrayList<>(List.of(new PlanMixer("bucket", 8)));
    if (random.nextBoolean()) {
      mixers.add(new PlanMixer("drum", 5));
    }
    return new PlanRequest(
        plain.start(),
        plain.calendar(),
        plain.people() + random.nextInt(2),
        plain.moulds(),
        stations,
        products,
        demands,
        0,
        null,
        null,
        mixers,
        recipes,
        0);
  }

  /** The same, with so many minutes of getting ready for all that is done after the mould. */
  private static List<PlanStep> gettingReady(int minutes, List<PlanStep> route) {
    return route.stream()
        .map(s -> s.workMin() > 0 && !s.step().equals("pour") ? s.after(minutes) : s)
        .toList();
  }

  /** The same, at times with one or two layers that are poured when the one before has set. */
  private static List<PlanStep> layered(Random random, List<PlanStep> route) {
    List<PlanStep> steps = new ArrayList<>(route);
    for (int layers = random.nextInt(3); layers > 0; layers--) {
      int colour = random.nextInt(3);
      LayerMix mix =
          new LayerMix(
              "r" + random.nextInt(2), "c" + colour, colour, 0.1 + random.nextInt(30) / 10.0);
      steps.add(2, work("layer", 1 + random.nextInt(8), 1, 0, false).from(mix));
      steps.add(3, wait("set", random.nextInt(20), null));
    }
    return steps;
  }

  /** The same, setting in the tent: the first wait after the filling. */
  private static List<PlanStep> inTent(boolean warm, List<PlanStep> route) {
    List<PlanStep> steps = new ArrayList<>(route);
    if (warm) {
      steps.set(1, steps.get(1).waiting(steps.get(1).waitH(), "tent"));
    }
    return steps;
  }

  /** The same, wanted out of its mould so soon after it may be, at the cost of 15 minutes. */
  private static List<PlanStep> inWindow(List<PlanStep> route, double hours) {
    return route.stream().map(s -> s.freesMould() ? s.within(hours, 15) : s).toList();
  }

  /** The same with products made of parts, up to four levels deep. */
  public static PlanRequest withParts(long seed, int orders) {
    Random random = new Random(seed);
    PlanRequest plain = of(seed, 1);
    List<PlanProduct> products = new ArrayList<>(plain.products());
    List<Demand> demands = new ArrayList<>();
    for (int p = 0; p < plain.products().size(); p++) {
      List<PlanStep> steps = new ArrayList<>(plain.products().get(p).route());
      for (int join = 0; join < 2; join++) {
        steps.add(wait("rest", 24 * random.nextInt(4), random.nextBoolean() ? "boards" : null));
        steps.add(new PlanStep("join", 5, 0, null, 1, 0, false, true));
      }
      steps.add(wait("dry", 24, null));
      products.add(new PlanProduct("w" + p, "m" + p, "c", 0, "b", steps));
    }
    for (int d = 0; d < orders; d++) {
      whole(random, "o" + d, 1 + random.nextInt(3), 1, null, plain.products().size(), demands);
    }
    return new PlanRequest(
        plain.start(),
        plain.calendar(),
        plain.people(),
        plain.moulds(),
        plain.stations(),
        products,
        demands,
        0,
        null,
        null);
  }

  private static void whole(
      Random random,
      String name,
      int quantity,
      int level,
      PlanRequest.Feed feeds,
      int kinds,
      List<Demand> demands) {
    int at = random.nextInt(demands.size() + 1);
    demands.add(
        at,
        new Demand(
            name,
            "w" + random.nextInt(kinds),
            quantity,
            START.toLocalDate().plusDays(10 + random.nextInt(60)),
            1,
            feeds));
    for (int join = 0; join < 2; join++) {
      int each = 1 + random.nextInt(3);
      PlanRequest.Feed into = new PlanRequest.Feed(name, join);
      String part = name + "/" + join;
      if (level < 4 && random.nextInt(3) == 0) {
        whole(random, part, quantity * each, level + 1, into, kinds, demands);
      } else if (random.nextInt(4) > 0) {
        demands.add(
            new Demand(
                part,
                "p" + random.nextInt(kinds),
                quantity * each,
                START.toLocalDate().plusDays(random.nextInt(60)),
                1,
                into));
      }
    }
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

  public static PlanStep work(String step, double minutes, int times, double gap, boolean frees) {
    return new PlanStep(step, minutes, 0, null, times, gap, frees, null);
  }

  public static PlanStep wait(String step, double hours, String station) {
    return new PlanStep(step, 0, hours, station, 1, 0, false, null);
  }
}
