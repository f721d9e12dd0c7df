package ironshelf.core.plan;

import static ironshelf.core.quantity.Refusals.assertRefusedAt;
import static ironshelf.core.quantity.Refusals.refusal;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.quantity.RefusedException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the parts of a request refuse, each a value just past its limit, and what they take. */
@Tag("accuracy")
class LimitsTest {

  private static final LocalDate DUE = LocalDate.of(2027, 3, 8);
  private static final LocalTime EIGHT = LocalTime.of(8, 0);

  static Stream<Arguments> refused() {
    return Stream.of(
        refusal("mould", () -> new PlanMould("", 1, 1, 0)),
        refusal("copies", () -> new PlanMould("m", 0, 1, 0)),
        refusal("copies", () -> new PlanMould("m", 1_001, 1, 0)),
        refusal("cavities", () -> new PlanMould("m", 1, 501, 0)),
        refusal("washMin", () -> new PlanMould("m", 1, 1, 1_441)),
        refusal("station", () -> new PlanStation("", 1)),
        refusal("capacity", () -> new PlanStation("bath", 0)),
        refusal("product", () -> product("", 0, 0)),
        refusal("shade", () -> product("p", 1_001, 0)),
        refusal("litresPerCast", () -> product("p", 0, 5_001)),
        refusal("route", () -> new PlanProduct("p", "m", null, 0, null, List.of())),
        refusal("route", () -> new PlanProduct("p", "m", null, 0, null, List.of(step(1, 0)))),
        refusal("mixer", () -> new PlanMixer("", 1)),
        refusal("litres", () -> new PlanMixer("bucket", 0)),
        refusal("litres", () -> new PlanMixer("bucket", 5_001)),
        refusal("recipe", () -> new PlanRecipe("", 1, null, 0, 0, 0, null)),
        refusal("mixMin", () -> new PlanRecipe("r", 1_441, null, 0, 0, 0, null)),
        refusal("workingMin", () -> new PlanRecipe("r", 1, 0.9, 0, 0, 0, null)),
        refusal("leastL", () -> new PlanRecipe("r", 1, null, 5_001, 0, 0, null)),
        refusal("packL", () -> new PlanRecipe("r", 1, null, 0, 5_001, 0, null)),
        refusal("washMin", () -> new PlanRecipe("r", 1, null, 0, 0, 1_441, null)),
        refusal("washDarkToLightMin", () -> new PlanRecipe("r", 1, null, 0, 0, 0, 1_441.0)),
        refusal("into", () -> new Feed("", 0)),
        refusal("join", () -> new Feed("o", 41)),
        refusal("order", () -> new Demand("", "p", 1, DUE, 1, null)),
        refusal("quantity", () -> new Demand("o", "p", 0, DUE, 1, null)),
        refusal("due", () -> new Demand("o", "p", 1, null, 1, null)),
        refusal("weight", () -> new Demand("o", "p", 1, DUE, 0, null)),
        refusal("weight", () -> new Demand("o", "p", 1, DUE, 1_001, null)),
        refusal("step", () -> new PlanStep("", 1, 0, null, 1, 0, false, false)),
        refusal("attendedMin", () -> step(1_441, 0)),
        refusal("waitH", () -> step(0, 10_001)),
        refusal("times", () -> new PlanStep("s", 1, 0, null, 11, 0, false, false)),
        refusal("gapMin", () -> new PlanStep("s", 1, 0, null, 2, 10_001, false, false)),
        refusal("lateMin", () -> step(1, 0).within(1, 1_441)),
        refusal("setupMin", () -> step(1, 0).after(481)),
        refusal("recipe", () -> new PlanStep.LayerMix("", null, 0, 1)),
        refusal("shade", () -> new PlanStep.LayerMix("r", null, 101, 1)),
        refusal("litres", () -> new PlanStep.LayerMix("r", null, 0, 0)),
        refusal("name", () -> new BegunCast("", null, 0, 1, null, null)),
        refusal("copy", () -> new BegunCast("b", null, 1, 1, null, null)),
        refusal("copy", () -> new BegunCast("b", "m", 0, 1, null, null)),
        refusal("pieces", () -> new BegunCast("b", null, 0, 0, null, null)),
        refusal("feeds.length", LimitsTest::feedsTooMany),
        refusal("order", () -> new PinnedCast("", "p", 1, DUE.atTime(EIGHT))),
        refusal("product", () -> new PinnedCast("o", "", 1, DUE.atTime(EIGHT))),
        refusal("copy", () -> new PinnedCast("o", "p", 0, DUE.atTime(EIGHT))),
        refusal("pourAt", () -> new PinnedCast("o", "p", 1, null)),
        refusal("days", () -> new OpenHours(List.of(), EIGHT, EIGHT.plusHours(1), null)),
        refusal("opens", () -> new OpenHours(List.of(DayOfWeek.MONDAY), null, EIGHT, null)),
        refusal("closes", () -> new OpenHours(List.of(DayOfWeek.MONDAY), EIGHT, EIGHT, null)));
  }

  private static PlanProduct product(String name, double shade, double litres) {
    return new PlanProduct(
        name, "m", null, shade, null, List.of(frees()), null, litres, null, null);
  }

  private static BegunCast feedsTooMany() {
    return new BegunCast("b", null, 0, 1, null, Collections.nCopies(2_001, new Feed("o", 0)));
  }

  private static PlanStep step(double minutes, double hours) {
    return new PlanStep("s", minutes, hours, null, 1, 0, false, false);
  }

  private static PlanStep frees() {
    return new PlanStep("demould", 4, 0, null, 1, 0, true, false);
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("refused")
  void refuses(String field, ThrowingCallable made) {
    assertRefusedAt(field, made);
  }

  @Test
  void theLargestIsTaken() {
    assertThat(new PlanMould("m", 1_000, 500, 1_440).castsFor(501)).isEqualTo(2);
    assertThat(new PlanRecipe("r", 1_440, 100_000.0, 5_000, 5_000, 1_440, 1_440.0)).isNotNull();
    assertThat(new Demand("o", "p", 100_000, DUE, 1_000, new Feed("x", 40))).isNotNull();
    assertThat(product("p", 1_000, 5_000)).isNotNull();
    assertThat(new BegunCast("b", "m", 1_000, 10_000, null, null)).isNotNull();
    assertThat(new PlanStep("s", 1_440, 10_000, null, 10, 10_000, true, true)).isNotNull();
  }

  @Test
  void whatIsNotGivenIsUsual() {
    PlanMould mould = new PlanMould("m", 2, 0, Double.NaN);
    assertThat(mould.cavities()).isEqualTo(1);
    assertThat(mould.washMin()).isZero();
    assertThat(new Demand("o", "p", 1, DUE, Double.NaN, null).weight()).isEqualTo(1);
    assertThat(new Demand("o", "p", 1, DUE, 1, null).isPromised()).isFalse();
    PlanStep step = new PlanStep("s", Double.NaN, Double.NaN, null, 0, Double.NaN, null, null);
    assertThat(step.times()).isEqualTo(1);
    assertThat(step.workMin() + step.waitMin() + step.gapWholeMin()).isZero();
    assertThat(step.freesMould() || step.joins()).isFalse();
    assertThat(product("p", Double.NaN, Double.NaN).shade()).isZero();
  }

  /** Work is rounded up and waits to the minute; a setup for no work is none. */
  @Test
  void minutesOfAStepAreWhole() {
    PlanStep step = step(3.1, 1.24).within(0.51, 2.5).after(1.2);
    assertThat(step.workMin()).isEqualTo(4);
    assertThat(step.waitMin()).isEqualTo(74);
    assertThat(step.withinMin()).isEqualTo(31);
    assertThat(step.lateWholeMin()).isEqualTo(3);
    assertThat(step.setupWholeMin()).isEqualTo(2);
    assertThat(step(0, 1).after(5).setupWholeMin()).isZero();
    assertThat(step(3, 1).lateWholeMin()).isZero();
    assertThat(step(3, 1).withinMin()).isZero();
    assertThat(step.waiting(20_000).waitH()).isEqualTo(10_000);
    assertThat(step.within(20_000, 1).withinH()).isEqualTo(10_000);
  }

  @Test
  void castsAndRoundsAreWhole() {
    PlanMould three = new PlanMould("m", 4, 3, 0);
    assertThat(three.castsFor(1)).isEqualTo(1);
    assertThat(three.castsFor(3)).isEqualTo(1);
    assertThat(three.castsFor(4)).isEqualTo(2);
    assertThat(three.roundsFor(4)).isEqualTo(1);
    assertThat(three.roundsFor(5)).isEqualTo(2);
  }

  @Test
  void hoursOfAShop() {
    OpenHours hours =
        new OpenHours(List.of(DayOfWeek.MONDAY), EIGHT, LocalTime.of(16, 30), List.of(DUE));
    assertThat(hours.minutesADay()).isEqualTo(510);
    assertThat(hours.isOpenOn(DUE)).as("closed on that Monday").isFalse();
    assertThat(hours.isOpenOn(DUE.plusDays(7))).isTrue();
    assertThat(hours.isOpenOn(DUE.plusDays(8))).isFalse();
    assertThat(hours.alsoOn(DayOfWeek.TUESDAY).isOpenOn(DUE.plusDays(8))).isTrue();
    assertThat(hours.alsoOn(DayOfWeek.MONDAY)).isSameAs(hours);
    assertThat(hours.closedOn(List.of()).isOpenOn(DUE)).isTrue();
    assertThat(hours.longerBy(90).closes()).isEqualTo(LocalTime.of(18, 0));
    assertThat(hours.longerBy(900).closes()).isEqualTo(LocalTime.of(23, 59));
  }

  @Test
  void nothingIsPlannedBeyondTwentyYears() {
    long most = 20L * 365 * Horizon.DAY_MIN;
    assertThat(Horizon.refuseBeyond(most)).isEqualTo((int) most);
    assertThatThrownBy(() -> Horizon.refuseBeyond(most + 1)).isInstanceOf(RefusedException.class);
  }

  @Test
  void aRequestMayBeEmpty() {
    OpenHours hours = new OpenHours(List.of(DayOfWeek.MONDAY), EIGHT, LocalTime.of(16, 0), null);
    LocalDateTime start = DUE.atTime(EIGHT);
    PlanRequest nothing =
        PlanRequest.fresh(start, hours, 0, List.of(), List.of(), List.of(), List.of());
    assertThat(nothing.people()).isEqualTo(1);
    assertRefusedAt("people", () -> nothing.change().people(51).request());
    assertRefusedAt("secondsToSearch", () -> nothing.change().secondsToSearch(61).request());
    assertRefusedAt("calendar", () -> nothing.change().calendar(null).request());
    assertRefusedAt(
        "start",
        () -> PlanRequest.fresh(null, hours, 1, List.of(), List.of(), List.of(), List.of()));
    assertRefusedAt("moulds", () -> PlanRequest.fresh(start, hours, 1, null, null, null, null));
  }
}
