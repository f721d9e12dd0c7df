package ironshelf.core.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.PlanBatch;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.PinnedCast;
import ironshelf.core.plan.PlanChecker;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.resource.TinyShop;
import ironshelf.core.quantity.RefusedException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Where a mix goes, worked by hand: 10 min to mix, 5 to fill each, 6 to wash, one person. A mix
 * that has to give way leaves the minutes that it had taken.
 */
class BatchSchedulerTest {

  private static final PlanStep POUR = RandomShop.work("pour", 5, 1, 0, false);
  private static final PlanStep OUT = RandomShop.work("demould", 4, 1, 0, true);
  private static final List<PlanStep> ROUTE = List.of(POUR, RandomShop.wait("set", 2, null), OUT);
  private static final List<PlanStep> BATHED =
      List.of(POUR, RandomShop.wait("set", 2, "bath"), OUT);

  private final List<PlanProduct> products = new ArrayList<>();
  private final List<Demand> demands = new ArrayList<>();
  private List<PinnedCast> pinned = List.of();

  /** A product and mould of the name, wanted so many times. */
  private void wanted(String name, int quantity, int dueIn, List<PlanStep> route) {
    products.add(new PlanProduct(name, name, "grey", 0, null, route, "face", 2, null, null));
    demands.add(
        new Demand(name, name, quantity, TinyShop.START.toLocalDate().plusDays(dueIn), 1, null));
  }

  private CastPlan plan(int copies) {
    PlanRequest request =
        new PlanRequest(
            TinyShop.START,
            TinyShop.HOURS,
            1,
            products.stream().map(p -> new PlanMould(p.mould(), copies, 1, 0)).toList(),
            List.of(new PlanStation("bath", 1)),
            products,
            demands,
            0,
            null,
            pinned,
            List.of(new PlanMixer("bucket", 8)),
            List.of(new PlanRecipe("face", 10, 60.0, 0, 0, 6, null)),
            0);
    List<Job> jobs = new ArrayList<>();
    for (int demand = 0; demand < demands.size(); demand++) {
      jobs.add(Job.of(demand, demands.get(demand).quantity()));
    }
    CastPlan plan = new ScheduleBuilder(request).plan(jobs);
    new PlanChecker(request, plan).check("mixes");
    return plan;
  }

  private static LocalDateTime at(int minute) {
    return TinyShop.START.plusMinutes(minute);
  }

  private static List<LocalDateTime> poured(CastPlan plan, String order) {
    return plan.casts().stream()
        .filter(c -> c.order().equals(order))
        .map(PlannedCast::pourAt)
        .toList();
  }

  @Test
  void castsOfOneJobAreOneMix() {
    wanted("tile", 3, 1, ROUTE);
    CastPlan plan = plan(3);
    assertThat(plan.mixes()).extracting(PlanBatch::startsAt).containsExactly(at(0));
    assertThat(plan.mixes().get(0).minutes()).isEqualTo(10 + 3 * 5 + 6);
    assertThat(poured(plan, "tile")).containsExactly(at(10), at(15), at(20));
  }

  /** Eight litres are four casts, and a tray is filled once at a time. */
  @Test
  void whatTheMixerOrTheCopiesDoNotHoldIsAnotherMix() {
    wanted("tile", 5, 1, ROUTE);
    assertThat(plan(9).mixes()).extracting(m -> m.casts().size()).containsExactly(4, 1);
    assertThat(plan(2).mixes()).extracting(m -> m.casts().size()).containsExactly(2, 2, 1);
  }

  /**
   * The one tray is put at 100; filled at 10 it would not be out by then. It is filled after it is
   * out again at 229, and the minutes from 0 on are there for another product.
   */
  @Test
  void aMixThatRunsIntoAPinLeavesItsMinutes() {
    wanted("tile", 2, 1, ROUTE);
    wanted("cup", 1, 2, ROUTE);
    pinned = List.of(new PinnedCast("tile", "tile", 1, at(100)));
    CastPlan plan = plan(1);
    assertThat(poured(plan, "tile")).containsExactly(at(100), at(239));
    assertThat(poured(plan, "cup")).containsExactly(at(10));
  }

  /** The bath holds one: the second is poured when the first is out of it, and others meanwhile. */
  @Test
  void aMixThatFindsNoRoomLeavesItsMinutes() {
    wanted("tile", 1, 1, BATHED);
    wanted("pot", 1, 2, BATHED);
    wanted("cup", 1, 3, ROUTE);
    CastPlan plan = plan(1);
    assertThat(poured(plan, "tile")).containsExactly(at(10));
    LocalDateTime out = plan.casts().get(0).demouldAt().minusMinutes(4);
    assertThat(poured(plan, "pot").get(0)).isAfterOrEqualTo(out.minusMinutes(5));
    assertThat(poured(plan, "cup")).as("between the two").containsExactly(at(31));
  }

  /** Two of a bath's are two mixes; one of them and one that sets elsewhere are one. */
  @Test
  void onlyWhatSetsInAStationTakesItsRoom() {
    wanted("tile", 2, 1, BATHED);
    assertThat(plan(2).mixes()).hasSize(2);
    demands.clear();
    products.clear();
    wanted("tile", 1, 1, BATHED);
    wanted("cup", 1, 1, ROUTE);
    ScheduleBuilder builder =
        new ScheduleBuilder(
            new PlanRequest(
                TinyShop.START,
                TinyShop.HOURS,
                1,
                List.of(new PlanMould("tile", 1, 1, 0), new PlanMould("cup", 1, 1, 0)),
                List.of(new PlanStation("bath", 1)),
                products,
                demands,
                0,
                null,
                null,
                List.of(new PlanMixer("bucket", 8)),
                List.of(new PlanRecipe("face", 10, 60.0, 0, 0, 6, null)),
                0));
    assertThat(builder.plan(List.of(Job.of(List.of(0, 1)))).mixes()).hasSize(1);
    assertThat(builder.mixes()).isTrue();
    assertThat(builder.rules()).isPositive();
  }

  /** Whether somebody is later than before, which a promise must not do. */
  @Test
  void readinessTellsWhoIsHarmed() {
    wanted("tile", 1, 0, ROUTE);
    wanted("cup", 1, 9, ROUTE);
    List<PlanMould> moulds = List.of(new PlanMould("tile", 1, 1, 0), new PlanMould("cup", 1, 1, 0));
    ScheduleBuilder builder =
        new ScheduleBuilder(
            PlanRequest.fresh(
                TinyShop.START,
                TinyShop.HOURS,
                1,
                moulds,
                List.of(),
                List.of(
                    new PlanProduct("tile", "tile", null, 0, null, ROUTE),
                    new PlanProduct(
                        "cup",
                        "cup",
                        null,
                        0,
                        null,
                        List.of(RandomShop.work("pour", 590, 1, 0, false), OUT))),
                demands));
    ScheduleBuilder.Readiness first = builder.readiness(List.of(Job.of(0, 1), Job.of(1, 1)));
    ScheduleBuilder.Readiness last = builder.readiness(List.of(Job.of(1, 1), Job.of(0, 1)));
    assertThat(first.readyMin(0)).isEqualTo(5 + 120 + 4);
    assertThat(last.harms(first)).as("the tile is a day late").isTrue();
    assertThat(first.harms(last)).isFalse();
    assertThat(first.harms(first)).isFalse();
  }

  /** A plan that does not end within twenty years is none. */
  @Test
  void whatTakesDecadesIsRefused() {
    wanted("tile", 3_000, 1, List.of(POUR, RandomShop.wait("set", 72, null), OUT));
    org.assertj.core.api.Assertions.assertThatThrownBy(() -> plan(1))
        .isInstanceOf(RefusedException.class);
  }
}
