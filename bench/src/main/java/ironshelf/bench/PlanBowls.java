package ironshelf.bench;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.schedule.Job;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.core.plan.search.PlanSearch;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * Twenty shops that mix in bowls, for one person of six hours and two of eight: what a plan of
 * single casts says, what doing it comes to, and what a plan in bowls comes to at once and after a
 * search. In sums over the shops.
 */
final class PlanBowls {

  private static final int SHOPS = 20;
  private static final int[][] PEOPLE_AND_HOURS = {{1, 6}, {2, 8}};
  private static final Duration SEARCH = Duration.ofSeconds(3);

  private PlanBowls() {}

  public static void main(String[] args) {
    System.out.println(
        "| people | single casts say, late days | done in bowls | mixes | in bowls at once | mixes"
            + " | after 3 s | mixes | least mixes | late, share | mixes, share of least |");
    System.out.println("|---|---|---|---|---|---|---|---|---|---|---|");
    for (int[] shop : PEOPLE_AND_HOURS) {
      System.out.println(row(shop[0], shop[1]));
    }
  }

  private static String row(int people, int hours) {
    double[] late = new double[4];
    double[] mixes = new double[4];
    for (long seed = 1; seed <= SHOPS; seed++) {
      PlanRequest single = BowlShop.of(seed, people, hours, false);
      PlanRequest bowls = BowlShop.of(seed, people, hours, true);
      CastPlan before = asBefore(single);
      late[0] += before.totalWeightedLateDays();
      Replay replay = new Replay(bowls);
      ScheduleBuilder builder = new ScheduleBuilder(bowls);
      add(late, mixes, 1, builder.plan(replay.bowls(before)));
      PlanSearch search = new PlanSearch(bowls, List.of());
      add(late, mixes, 2, search.first());
      add(late, mixes, 3, search.search(SEARCH, better -> {}));
      mixes[0] += replay.leastMixes();
    }
    return String.format(
        Locale.ROOT,
        "| %d of %d h | %.0f | %.0f | %.0f | %.0f | %.0f | %.0f | %.0f | %.0f | %.2f | %.2f |",
        people,
        hours,
        late[0] / SHOPS,
        late[1] / SHOPS,
        mixes[1] / SHOPS,
        late[2] / SHOPS,
        mixes[2] / SHOPS,
        late[3] / SHOPS,
        mixes[3] / SHOPS,
        mixes[0] / SHOPS,
        late[3] / late[1],
        mixes[3] / mixes[0]);
  }

  private static void add(double[] late, double[] mixes, int column, CastPlan plan) {
    late[column] += plan.totalWeightedLateDays();
    mixes[column] += plan.mixes().size();
  }

  /** The best of the orders by dates and slack, cast by cast. */
  private static CastPlan asBefore(PlanRequest request) {
    ScheduleBuilder builder = new ScheduleBuilder(request);
    List<List<Job>> orders = new ArrayList<>(List.of(builder.usual()));
    orders.addAll(builder.others());
    return builder.plan(orders.stream().min(Comparator.comparing(builder::outcome)).orElseThrow());
  }
}
