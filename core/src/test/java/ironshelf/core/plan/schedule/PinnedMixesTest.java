package ironshelf.core.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import ironshelf.core.plan.BegunCast;
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
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.resource.TinyShop;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Casts that were put somewhere and are mixed: 10 min to mix, 5 to fill each, 6 to wash. Minutes
 * are from eight o'clock on a Monday; the shop closes at eighteen.
 */
class PinnedMixesTest {

  private static final List<PlanStep> ROUTE =
      List.of(
          RandomShop.work("pour", 5, 1, 0, false),
          RandomShop.wait("set", 2, null),
          RandomShop.work("demould", 4, 1, 0, true));

  private int people = 1;
  private List<BegunCast> begun = List.of();

  private static PlanProduct tile(String colour, double shade) {
    return new PlanProduct(
        colour + " tile", "tray", colour, shade, null, ROUTE, "face", 2, null, null);
  }

  private static PinnedCast pin(String colour, int copy, int minute) {
    return new PinnedCast(colour, colour + " tile", copy, TinyShop.START.plusMinutes(minute));
  }

  private static Demand demand(String colour) {
    return new Demand(
        colour, colour + " tile", 4, TinyShop.START.toLocalDate().plusDays(3), 1, null);
  }

  private PlanRequest request(PinnedCast... pins) {
    return new PlanRequest(
        TinyShop.START,
        TinyShop.HOURS,
        people,
        List.of(new PlanMould("tray", 4, 1, 0)),
        List.of(),
        List.of(tile("white", 0), tile("black", 9)),
        List.of(demand("white"), demand("black")),
        0,
        begun,
        List.of(pins),
        List.of(new PlanMixer("bucket", 8)),
        List.of(new PlanRecipe("face", 10, 60.0, 0, 0, 6, 13.0)),
        0);
  }

  private CastPlan planned(PinnedCast... pins) {
    PlanRequest request = request(pins);
    CastPlan plan = ScheduleBuilder.of(request);
    new PlanChecker(request, plan).check("pinned mixes");
    assertThat(new ScheduleBuilder(request).unkept().isEmpty()).isTrue();
    return plan;
  }

  private static List<PlanBatch> pinnedMixes(CastPlan plan) {
    return plan.mixes().stream()
        .filter(mix -> mix.casts().stream().allMatch(c -> plan.casts().get(c).pinned()))
        .toList();
  }

  private List<FindingCode> unkept(PinnedCast... pins) {
    return new ScheduleBuilder(request(pins))
        .unkept().toList().stream().map(Finding::code).toList();
  }

  private static LocalDateTime at(int minute) {
    return TinyShop.START.plusMinutes(minute);
  }

  /** 5 minutes apart they are one mix of four litres; a minute more, and they are two. */
  @Test
  void whatOneMixWouldFillIsOneMixAgain() {
    CastPlan together = planned(pin("white", 1, 100), pin("white", 2, 105));
    assertThat(pinnedMixes(together))
        .extracting(PlanBatch::startsAt, PlanBatch::litres, PlanBatch::minutes)
        .containsExactly(tuple(at(90), 4.0, 26L));
    CastPlan apart = planned(pin("white", 1, 100), pin("white", 2, 121));
    assertThat(pinnedMixes(apart))
        .extracting(PlanBatch::startsAt, PlanBatch::minutes)
        .containsExactly(tuple(at(90), 21L), tuple(at(111), 21L));
  }

  /** Two who fill at once are a mix with a helper. */
  @Test
  void whatTwoFillAtOnceIsAMixWithAHelper() {
    people = 2;
    CastPlan plan = planned(pin("white", 1, 100), pin("white", 2, 100));
    PlanBatch mix = pinnedMixes(plan).get(0);
    assertThat(mix.casts()).hasSize(2);
    assertThat(mix.helpers()).hasSize(1).doesNotContain(mix.person());
    assertThat(mix.minutes()).isEqualTo(21);
    assertThat(plan.casts().stream().filter(PlannedCast::pinned))
        .extracting(c -> c.works().get(0).person())
        .containsExactlyInAnyOrder(mix.person(), mix.helpers().get(0));
  }

  /** Another colour at that minute is another mix, for which nobody is there. */
  @Test
  void anotherColourIsAnotherMix() {
    assertThat(unkept(pin("white", 1, 100), pin("black", 2, 105)))
        .containsExactly(FindingCode.PIN_HANDS);
    assertThat(unkept(pin("white", 1, 100), pin("black", 2, 121))).isEmpty();
  }

  /** A light mix after a dark one is washed for 7 min more, before it. */
  @Test
  void theWashingBeforeAPinIsKeptToo() {
    assertThat(unkept(pin("black", 2, 100), pin("white", 1, 127)))
        .containsExactly(FindingCode.PIN_HANDS);
    CastPlan plan = planned(pin("black", 2, 100), pin("white", 1, 128));
    assertThat(pinnedMixes(plan))
        .extracting(PlanBatch::startsAt, PlanBatch::minutes)
        .containsExactlyInAnyOrder(tuple(at(90), 21L), tuple(at(111), 28L));
  }

  /** Mixed from ten to, filled, and washed by the evening. */
  @Test
  void aMixFitsTheDay() {
    assertThat(unkept(pin("white", 1, 9))).containsExactly(FindingCode.PIN_CLOSED);
    assertThat(unkept(pin("white", 1, 10))).isEmpty();
    assertThat(unkept(pin("white", 1, 589))).isEmpty();
    assertThat(unkept(pin("white", 1, 590))).containsExactly(FindingCode.PIN_CLOSED);
  }

  /** The copy is in use from the minute of its pin until it is out. */
  @Test
  void aCopyIsUsedOnceAtATime() {
    people = 2;
    assertThat(unkept(pin("white", 1, 100), pin("white", 1, 200)))
        .containsExactly(FindingCode.PIN_HELD);
    assertThat(unkept(pin("white", 1, 100), pin("white", 1, 229))).isEmpty();
    begun = List.of(TinyShop.full("tray", 1, 1.5, 4));
    assertThat(unkept(pin("white", 1, 93))).containsExactly(FindingCode.PIN_HELD);
    assertThat(unkept(pin("white", 1, 200))).isEmpty();
  }

  /** Of a mix of which one copy is held, the other is filled. */
  @Test
  void oneOfTwoIsStillFilled() {
    begun = List.of(TinyShop.full("tray", 2, 8, 4));
    PlanRequest request = request(pin("white", 1, 100), pin("white", 2, 105));
    CastPlan plan = ScheduleBuilder.of(request);
    assertThat(plan.casts().stream().filter(PlannedCast::pinned))
        .extracting(PlannedCast::copy)
        .containsExactly(1);
    assertThat(pinnedMixes(plan)).extracting(m -> m.casts().size()).containsExactly(1);
    assertThat(new ScheduleBuilder(request).kept()).extracting(PinnedCast::copy).containsExactly(1);
  }
}
