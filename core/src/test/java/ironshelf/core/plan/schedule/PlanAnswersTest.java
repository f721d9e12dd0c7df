package ironshelf.core.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.PlannedOrder;
import ironshelf.core.plan.CastPlan.Visit;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.resource.TinyShop;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a plan tells, worked by hand: what binds an order, visits, colours, pieces, late days. */
class PlanAnswersTest {

  private static final PlanStep POUR = RandomShop.work("pour", 10, 1, 0, false);
  private static final PlanStep OUT = RandomShop.work("demould", 5, 1, 0, true);
  private static final List<PlanStep> ROUTE = List.of(POUR, RandomShop.wait("set", 1, null), OUT);

  private int people = 1;
  private int copies = 2;
  private int cavities = 1;
  private final List<PlanProduct> products = new ArrayList<>();
  private final List<Demand> demands = new ArrayList<>();

  private void product(String name, double shade, String binder, List<PlanStep> route) {
    products.add(new PlanProduct(name, "tray", name, shade, binder, route));
  }

  private void demand(String order, String product, int quantity, int dueIn) {
    demands.add(
        new Demand(
            order, product, quantity, TinyShop.START.toLocalDate().plusDays(dueIn), 1, null));
  }

  private CastPlan plan() {
    return ScheduleBuilder.of(
        PlanRequest.fresh(
            TinyShop.START,
            TinyShop.HOURS,
            people,
            List.of(new PlanMould("tray", copies, cavities, 0), new PlanMould("part", 1, 1, 0)),
            List.of(new PlanStation("bath", 2)),
            products,
            demands));
  }

  private static Bound boundOf(CastPlan plan) {
    return plan.orders().get(0).boundBy();
  }

  /** Nothing to wait for: the route alone takes its time. */
  @Test
  void boundByTheRoute() {
    product("tile", 0, null, ROUTE);
    demand("o", "tile", 1, 0);
    assertThat(boundOf(plan())).isEqualTo(Bound.ROUTE);
    assertThat(plan().orders().get(0).boundName()).isNull();
  }

  @Test
  void boundByTheMould() {
    copies = 1;
    people = 9;
    product("tile", 0, null, ROUTE);
    demand("o", "tile", 20, 0);
    CastPlan plan = plan();
    PlannedOrder order = plan.orders().get(0);
    assertThat(order.lateDays()).as("eight a day").isEqualTo(2);
    assertThat(order.boundBy()).isEqualTo(Bound.MOULD);
    assertThat(order.boundName()).isEqualTo("tray");
    assertThat(plan.gap()).as("nobody is earlier with one tray").isZero();
    assertThat(plan.lowerBoundLateDays()).isEqualTo(2);
  }

  /**
   * A day in the tray, so that one is a day late by its route alone. The second comes a day after:
   * half of its lateness is its route's, which is what is told. Of the third's the tray has more.
   */
  @Test
  void whatWouldMendLessThanHalfOfItDoesNotBind() {
    copies = 1;
    product("tile", 0, null, List.of(POUR, RandomShop.wait("set", 24, null), OUT));
    demand("o", "tile", 2, 0);
    assertThat(plan().orders().get(0).lateDays()).isEqualTo(2);
    assertThat(boundOf(plan())).isEqualTo(Bound.ROUTE);
    demands.clear();
    demand("o", "tile", 3, 0);
    assertThat(plan().orders().get(0).lateDays()).isEqualTo(3);
    assertThat(boundOf(plan())).isEqualTo(Bound.MOULD);
  }

  /** The share of the late days that the bound does not explain. */
  @Test
  void theGapIsWhatTheBoundLeaves() {
    int between = 0;
    for (long seed = 1; seed <= 20; seed++) {
      CastPlan plan = ScheduleBuilder.of(RandomShop.of(seed, 12));
      double late = plan.totalWeightedLateDays();
      double least = plan.lowerBoundLateDays();
      assertThat(plan.gap() * late).as("seed %d", seed).isCloseTo(late - least, within(1e-9));
      between += least > 0 && least < late ? 1 : 0;
    }
    assertThat(between).as("shops that tell").isPositive();
  }

  /** A hundred trays and one person: sixty are poured in a day, the next on the one after it. */
  @Test
  void boundByHands() {
    copies = 100;
    product("tile", 0, null, List.of(POUR, RandomShop.wait("set", 24, null), OUT));
    demand("o", "tile", 61, 1);
    CastPlan plan = plan();
    assertThat(boundOf(plan)).isEqualTo(Bound.HANDS);
    assertThat(plan.totalWeightedLateDays()).isEqualTo(1);
    assertThat(plan.gap()).as("no bound knows of people").isEqualTo(1);
  }

  @Test
  void boundByAStation() {
    copies = 100;
    people = 9;
    product("tile", 0, null, List.of(POUR, OUT, RandomShop.wait("soak", 24, "bath")));
    demand("o", "tile", 6, 1);
    PlannedOrder order = plan().orders().get(0);
    assertThat(order.boundBy()).isEqualTo(Bound.STATION);
    assertThat(order.boundName()).isEqualTo("bath");
  }

  @Test
  void boundByMaterial() {
    products.add(
        new PlanProduct("tile", "tray", null, 0, null, ROUTE)
            .with(ROUTE, "white cement", TinyShop.START.plusDays(4)));
    demand("o", "tile", 1, 1);
    PlannedOrder order = plan().orders().get(0);
    assertThat(order.boundBy()).isEqualTo(Bound.MATERIAL);
    assertThat(order.boundName()).isEqualTo("white cement");
    assertThat(order.lateDays()).isEqualTo(3);
  }

  @Test
  void boundByParts() {
    PlanStep join = new PlanStep("join", 5, 0, null, 1, 0, false, true);
    product("chest", 0, null, List.of(POUR, OUT, join));
    products.add(
        new PlanProduct(
            "lid", "part", null, 0, null, List.of(POUR, RandomShop.wait("set", 72, null), OUT)));
    demand("o", "chest", 1, 0);
    demands.add(new Demand("p", "lid", 1, TinyShop.START.toLocalDate(), 1, new Feed("o", 0)));
    PlannedOrder order = plan().orders().get(0);
    assertThat(order.boundBy()).isEqualTo(Bound.PARTS);
    assertThat(order.boundName()).isEqualTo("lid");
    assertThat(order.lateDays()).isEqualTo(3);
  }

  /** An order of two lines is ready when both are, and as late as the later. */
  @Test
  void twoLinesOfAnOrderAreToldAsOne() {
    product("tile", 0, null, ROUTE);
    product("slow", 0, null, List.of(POUR, RandomShop.wait("set", 48, null), OUT));
    demand("o", "slow", 1, 1);
    demand("o", "tile", 1, 9);
    CastPlan plan = plan();
    assertThat(plan.orders())
        .extracting(PlannedOrder::order, PlannedOrder::lateDays)
        .containsExactly(tuple("o", 1L));
    assertThat(plan.orders().get(0).readyAt().toLocalDate())
        .isEqualTo(TinyShop.START.toLocalDate().plusDays(2));
  }

  /** Three in a tray of two cavities: the second cast has one that is wanted. */
  @Test
  void piecesThatAreWantedOfACast() {
    cavities = 2;
    product("tile", 0, null, ROUTE);
    demand("o", "tile", 3, 5);
    assertThat(plan().casts()).extracting(PlannedCast::pieces).containsExactly(2, 1);
  }

  /** Two are poured without a break and one after it: two visits to pour. */
  @Test
  void whatFollowsWithoutABreakIsOneVisit() {
    product("tile", 0, null, ROUTE);
    demand("o", "tile", 3, 5);
    assertThat(plan().visits())
        .extracting(Visit::step, v -> v.at().toLocalTime().toString(), Visit::minutes)
        .containsExactly(
            tuple("pour", "08:00", 20L),
            tuple("demould", "09:10", 5L),
            tuple("demould", "09:20", 5L),
            tuple("pour", "09:25", 10L),
            tuple("demould", "10:35", 5L));
  }

  /** Black, white and black again on one day; and a binder that is left alone for three days. */
  @Test
  void coloursAndBagsOfADay() {
    copies = 9;
    product("black", 9, "grey cement", ROUTE);
    product("white", 1, null, ROUTE);
    demand("a", "black", 1, 0);
    demand("b", "white", 1, 1);
    demand("c", "black", 1, 2);
    assertThat(plan().outcome().darkToLight()).isEqualTo(1);
    demand("d", "white", 1, 3);
    assertThat(plan().outcome().darkToLight()).isEqualTo(2);
    assertThat(plan().outcome().idleBinderDays()).isZero();
    products.add(
        new PlanProduct("later", "tray", null, 0, "grey cement", ROUTE)
            .with(ROUTE, null, TinyShop.START.plusDays(4)));
    demand("e", "later", 1, 9);
    assertThat(plan().outcome().idleBinderDays()).isEqualTo(3);
    assertThat(plan().outcome().darkToLight()).as("days later it is no matter").isEqualTo(2);
  }

  /** Ready at 9:15 and 9:25: two whole hours and forty minutes together. */
  @Test
  void hoursUntilAllIsReady() {
    product("tile", 0, null, ROUTE);
    demand("o", "tile", 2, 5);
    CastPlan plan = plan();
    assertThat(plan.outcome().readyHours()).isEqualTo((75 + 85) / 60);
    assertThat(plan.totalWeightedLateDays()).isCloseTo(0, within(1e-9));
  }

  /** By due day, the light before the dark, the heavy before the light; then by slack and time. */
  @Test
  void theOrdersThatASearchStartsFrom() {
    product("dark", 5, null, ROUTE);
    product("light", 1, null, ROUTE);
    product("long", 1, null, List.of(POUR, RandomShop.wait("set", 50, null), OUT));
    demand("a", "dark", 2, 2);
    demand("b", "light", 1, 2);
    demand("c", "long", 1, 3);
    demands.add(new Demand("d", "light", 1, TinyShop.START.toLocalDate().plusDays(2), 8, null));
    PlanRequest request =
        PlanRequest.fresh(
            TinyShop.START,
            TinyShop.HOURS,
            1,
            List.of(new PlanMould("tray", 1, 1, 0)),
            List.of(),
            products,
            demands);
    ScheduleBuilder builder = new ScheduleBuilder(request);
    assertThat(builder.usual()).extracting(j -> j.demand(0)).containsExactly(3, 1, 0, 0, 2);
    List<List<Job>> others = builder.others();
    assertThat(others.get(0))
        .as("slack")
        .extracting(j -> j.demand(0))
        .containsExactly(2, 0, 0, 1, 3);
    assertThat(others.get(1))
        .as("time of the mould a weight")
        .extracting(j -> j.demand(0))
        .containsExactly(3, 0, 0, 1, 2);
    assertThat(others.get(2))
        .as("slack a weight")
        .extracting(j -> j.demand(0))
        .containsExactly(2, 3, 0, 0, 1);
    assertThat(builder.mixes()).isFalse();
  }
}
