package ironshelf.core.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.Visit;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.PlanChecker;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.search.PlanSearch;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A face and its back: the back is a mix of its own. Figures worked out by hand. */
class LaterLayersTest {

  private static final LocalDateTime MONDAY = LocalDateTime.of(2026, 1, 5, 8, 0);

  @Test
  void whatIsFilledTogetherHasItsNextLayerFromOneMixToo() {
    CastPlan plan = plan(4, 1.5, null);
    // Filled 8:10 to 8:30, set at 10:15 to 10:30: held for 10:15, 5 + 6 minutes and 4 x 3.
    assertThat(backs(plan)).extracting(Visit::minutes).containsExactly(14L, 3L, 3L, 3L);
    assertThat(backs(plan).get(0).at()).isEqualTo(MONDAY.plusMinutes(10 + 5 + 120 + 6));
    assertThat(plan.outcome().minutes()).isEqualTo(10 + 4 * 5 + 6 + 11);
  }

  @Test
  void asManyAsTheMixerHolds() {
    assertThat(backs(plan(4, 4, null)))
        .extracting(Visit::minutes)
        .containsExactly(14L, 3L, 14L, 3L);
  }

  @Test
  void asManyAsCanBeFilledWhileItIsWorkable() {
    assertThat(backs(plan(4, 1.5, 14.0)))
        .extracting(Visit::minutes)
        .containsExactly(14L, 3L, 3L, 14L);
  }

  private static List<Visit> backs(CastPlan plan) {
    return plan.casts().stream()
        .flatMap(c -> c.works().stream())
        .filter(w -> w.step().equals("back"))
        .toList();
  }

  private static CastPlan plan(int casts, double litres, Double workingMin) {
    PlanProduct board =
        new PlanProduct(
            "board",
            "tray",
            "chalk",
            0,
            "cement",
            List.of(
                RandomShop.work("pour", 5, 1, 0, false),
                RandomShop.wait("set", 2, null),
                RandomShop.work("back", 3, 1, 0, false)
                    .from(new PlanStep.LayerMix("backing", "slate", 50, litres)),
                RandomShop.wait("set", 20, null),
                RandomShop.work("demould", 4, 1, 0, true)),
            "face",
            1.0,
            null,
            null);
    PlanRequest request =
        new PlanRequest(
            MONDAY,
            new OpenHours(
                List.of(DayOfWeek.values()), LocalTime.of(8, 0), LocalTime.of(18, 0), null),
            1,
            List.of(new PlanMould("tray", casts, 1, 0)),
            List.of(),
            List.of(board),
            List.of(new Demand("o", "board", casts, MONDAY.toLocalDate().plusDays(9), 1, null)),
            0,
            null,
            null,
            List.of(new PlanMixer("bucket", 8)),
            List.of(
                new PlanRecipe("face", 10, null, 0, 0, 6, null),
                new PlanRecipe("backing", 5, workingMin, 0, 0, 6, null)),
            0);
    CastPlan plan = new PlanSearch(request, List.of()).first();
    new PlanChecker(request, plan).check("later layers");
    return plan;
  }
}
