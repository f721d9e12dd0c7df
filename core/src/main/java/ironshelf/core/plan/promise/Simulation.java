package ironshelf.core.plan.promise;

import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.SortedMap;
import java.util.SplittableRandom;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * How often dates are kept: schedules the jobs of a plan in many random weeks, in which set times
 * vary, pieces are scrapped and people are absent. The weeks are the same for the same request
 * (common random numbers), so that two requests differ only by what was changed in them. Not
 * promised: anything that the given spreads do not contain.
 *
 * @param weeks that were simulated
 */
public record Simulation(int weeks, List<OrderChance> orders, List<DateChance> dates) {

  private static final int USUAL_WEEKS = 200;
  private static final long SEED = 11_011;

  /**
   * How much weeks vary. What is not given takes the value in brackets (from memory, until a shop
   * has records of its own).
   *
   * @param setPercent standard deviation of the logarithm of a product's set time in a week, as
   *     percent, 0 to 100 (12)
   * @param scrapPercent of pieces that are made again, 0 to 50 (4)
   * @param absentPercent of days on which a person is absent, independently, 0 to 50 (2)
   */
  public record Spread(
      @WhenMissing("12") double setPercent,
      @WhenMissing("4") double scrapPercent,
      @WhenMissing("2") double absentPercent) {
    public Spread {
      setPercent = Double.isNaN(setPercent) ? 12 : setPercent;
      scrapPercent = Double.isNaN(scrapPercent) ? 4 : scrapPercent;
      absentPercent = Double.isNaN(absentPercent) ? 2 : absentPercent;
      new Findings()
          .within("setPercent", setPercent, 0, 100)
          .within("scrapPercent", scrapPercent, 0, 50)
          .within("absentPercent", absentPercent, 0, 50)
          .orRefuse();
    }
  }

  /** A date whose chance is asked for. */
  public record Asked(String order, LocalDate date) {
    public Asked {
      new Findings().text("order", order, 80).present("date", date).orRefuse();
    }
  }

  /**
   * A request for a simulation.
   *
   * @param weeks 10 to 2 000 (200)
   * @param spread null: the default
   * @param dates up to 2 000; null: none
   * @param seed of the random weeks; null: the default
   */
  public record SimulateRequest(
      PlanRequest plan,
      @Nullable Integer weeks,
      @Nullable Spread spread,
      @Nullable List<Asked> dates,
      @Nullable Long seed) {
    public SimulateRequest {
      weeks = weeks == null ? Integer.valueOf(USUAL_WEEKS) : weeks;
      spread = spread == null ? new Spread(Double.NaN, Double.NaN, Double.NaN) : spread;
      dates = dates == null ? List.of() : List.copyOf(dates);
      seed = seed == null ? Long.valueOf(SEED) : seed;
      Findings findings =
          new Findings()
              .present("plan", plan)
              .within("weeks", weeks, 10, 2_000)
              .within("dates.length", dates.size(), 0, 2_000);
      for (int d = 0; plan != null && d < dates.size(); d++) {
        String order = dates.get(d).order();
        findings.addIf(
            plan.demands().stream().noneMatch(o -> o.order().equals(order)),
            FindingCode.PLAN_UNKNOWN,
            "dates." + d + ".order",
            Map.of("value", order));
      }
      findings.orRefuse();
    }
  }

  /**
   * The dates of an order over all weeks.
   *
   * @param onTime share of weeks in which it is ready on its due day
   * @param fiveOfTen the first date that is kept in half the weeks
   * @param nineOfTen the first date that is kept in nine of ten
   * @param ready how often it is ready on each date, in order
   */
  public record OrderChance(
      String order, double onTime, LocalDate fiveOfTen, LocalDate nineOfTen, List<WeeksOn> ready) {
    public OrderChance {
      ready = List.copyOf(ready);
    }
  }

  /** The number of weeks in which it is ready on a date. */
  public record WeeksOn(LocalDate date, int weeks) {}

  /** The share of weeks in which a date is kept. */
  public record DateChance(String order, LocalDate date, double onTime) {}

  public Simulation {
    orders = List.copyOf(orders);
    dates = List.copyOf(dates);
  }

  /**
   * Simulates an existing plan.
   *
   * @param planned its casts in the order in which they were scheduled; empty where they go by
   *     their due dates
   */
  public static Simulation of(SimulateRequest request, List<PlannedCast> planned) {
    PlanRequest plan = request.plan();
    int weeks = request.weeks();
    List<String> orders = plan.demands().stream().map(Demand::order).distinct().toList();
    long[][] readyDay = new long[orders.size()][weeks];
    for (int week = 0; week < weeks; week++) {
      PlanRequest varied = varied(plan, request.spread(), request.seed() + 7_919L * week);
      ScheduleBuilder builder = new ScheduleBuilder(varied);
      ScheduleBuilder.Readiness ready = builder.readiness(builder.asIn(planned));
      for (int d = 0; d < plan.demands().size(); d++) {
        int order = orders.indexOf(plan.demands().get(d).order());
        long day = plan.start().plusMinutes(ready.readyMin(d)).toLocalDate().toEpochDay();
        readyDay[order][week] = Math.max(readyDay[order][week], day);
      }
    }
    List<OrderChance> chances = new ArrayList<>();
    for (int o = 0; o < orders.size(); o++) {
      Arrays.sort(readyDay[o]);
      String order = orders.get(o);
      LocalDate due =
          plan.demands().stream()
              .filter(d -> d.order().equals(order))
              .map(Demand::due)
              .min(LocalDate::compareTo)
              .orElseThrow();
      chances.add(
          new OrderChance(
              order,
              share(readyDay[o], due),
              LocalDate.ofEpochDay(readyDay[o][(weeks + 1) / 2 - 1]),
              LocalDate.ofEpochDay(readyDay[o][(int) Math.ceil(0.9 * weeks) - 1]),
              weeksOn(readyDay[o])));
    }
    List<DateChance> dates =
        request.dates().stream()
            .map(
                d ->
                    new DateChance(
                        d.order(), d.date(), share(readyDay[orders.indexOf(d.order())], d.date())))
            .toList();
    return new Simulation(weeks, chances, dates);
  }

  private static List<WeeksOn> weeksOn(long[] days) {
    SortedMap<Long, Integer> weeks = new TreeMap<>();
    for (long day : days) {
      weeks.merge(day, 1, Integer::sum);
    }
    return weeks.entrySet().stream()
        .map(e -> new WeeksOn(LocalDate.ofEpochDay(e.getKey()), e.getValue()))
        .toList();
  }

  private static double share(long[] days, LocalDate date) {
    long kept = Arrays.stream(days).filter(day -> day <= date.toEpochDay()).count();
    return kept / (double) days.length;
  }

  /** Returns the request as it turns out in one random week. */
  private static PlanRequest varied(PlanRequest plan, Spread spread, long seed) {
    Random sets = new Random(seed);
    List<PlanProduct> products =
        plan.products().stream()
            .map(p -> withSet(p, Math.exp(sets.nextGaussian() * spread.setPercent() / 100)))
            .toList();
    SplittableRandom scraps = new SplittableRandom(seed + 1);
    List<Demand> demands =
        plan.demands().stream().map(d -> withScrap(d, spread.scrapPercent(), scraps)).toList();
    SplittableRandom absences = new SplittableRandom(seed + 2);
    Absences away = Absences.drawn(plan, spread.absentPercent(), absences);
    return plan.change()
        .products(products)
        .demands(demands)
        .calendar(plan.calendar().closedOn(away.closed()))
        .begun(away.begun())
        .secondsToSearch(0)
        .pinned(null)
        .request();
  }

  private static PlanProduct withSet(PlanProduct product, double factor) {
    List<PlanStep> route = new ArrayList<>();
    boolean freed = false;
    for (PlanStep step : product.route()) {
      route.add(freed || step.waitH() == 0 ? step : step.waiting(step.waitH() * factor));
      freed = freed || step.freesMould();
    }
    return product.with(route, product.waitsFor(), product.notBefore());
  }

  /** Draws how many pieces must be made so that enough are sound. */
  private static Demand withScrap(Demand demand, double percent, SplittableRandom random) {
    int made = 0;
    for (int sound = 0; sound < demand.quantity(); made++) {
      sound += random.nextDouble() * 100 >= percent ? 1 : 0;
    }
    return demand.ofQuantity(Math.min(made, 100_000));
  }
}
