package ironshelf.bench;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.promise.Promise;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.core.plan.search.PlanSearch;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * How plans grow: 50, 200 and 800 orders. Time to the first plan and to a promise, median of five
 * after five unmeasured; late days by weight of the first plan and after 3, 10 and 30 s of search;
 * memory after the last.
 */
final class PlanScale {

  private static final int ROUNDS = 5;
  private static final List<Integer> SECONDS = List.of(3, 10, 30);

  private PlanScale() {}

  public static void main(String[] args) {
    System.out.println(
        "| orders | casts | first plan, ms | promise, ms | late days: forward pass | best order |"
            + " 3 s | 10 s | 30 s | memory, MB |");
    System.out.println("|---|---|---|---|---|---|---|---|---|---|");
    for (int orders : new int[] {50, 200, 800}) {
      System.out.println(row(LargeShop.of(1, orders), orders));
    }
  }

  private static String row(PlanRequest request, int orders) {
    CastPlan first = ScheduleBuilder.of(request);
    String product = request.products().get(0).product();
    double firstMs = median(() -> ScheduleBuilder.of(request));
    double promiseMs =
        median(
            () ->
                Promise.of(
                    new Promise.PromiseRequest(request, product, 10, 3, null, null), List.of()));
    PlanSearch search = new PlanSearch(request, List.of());
    StringBuilder found = new StringBuilder();
    for (int seconds : SECONDS) {
      CastPlan plan = search.search(Duration.ofSeconds(seconds), better -> {});
      found.append(" | ").append(Math.round(plan.totalWeightedLateDays()));
    }
    Runtime runtime = Runtime.getRuntime();
    long usedMb = (runtime.totalMemory() - runtime.freeMemory()) >> 20;
    return String.format(
        Locale.ROOT,
        "| %d | %d | %.0f | %.0f | %.0f | %.0f%s | %d |",
        orders,
        first.casts().size(),
        firstMs,
        promiseMs,
        first.totalWeightedLateDays(),
        search.first().totalWeightedLateDays(),
        found,
        usedMb);
  }

  private static double median(Runnable work) {
    for (int i = 0; i < ROUNDS; i++) {
      work.run();
    }
    double[] ms = new double[ROUNDS];
    for (int i = 0; i < ROUNDS; i++) {
      long from = System.nanoTime();
      work.run();
      ms[i] = (System.nanoTime() - from) / 1e6;
    }
    Arrays.sort(ms);
    return ms[ROUNDS / 2];
  }
}
