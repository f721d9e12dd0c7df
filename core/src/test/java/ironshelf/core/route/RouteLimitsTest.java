package ironshelf.core.route;

import static ironshelf.core.quantity.Refusals.assertRefusedAt;
import static ironshelf.core.quantity.Refusals.refusal;
import static ironshelf.core.route.RouteStep.attended;
import static ironshelf.core.route.RouteStep.waiting;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What a route refuses, and what it says at the moments between two of its steps. */
class RouteLimitsTest {

  private static final Instant NOON = Instant.parse("2027-03-01T12:00:00Z");

  private static final RouteStep POUR = attended("pour", 5);
  private static final RouteStep SET = waiting("set", null);
  private static final RouteStep OUT = attended("demould", 4);

  private static Route route(RouteStep... more) {
    List<RouteStep> steps = new ArrayList<>(List.of(POUR, SET, OUT));
    steps.addAll(Arrays.asList(more));
    return new Route(steps, StepKinds.shipped());
  }

  private static Instant hours(double hours) {
    return NOON.plus(Duration.ofSeconds(Math.round(hours * 3600)));
  }

  static Stream<Arguments> refused() {
    StepKinds kinds = StepKinds.shipped();
    return Stream.of(
        refusal("steps", () -> new Route(List.of(), kinds)),
        refusal("kinds", () -> new Route(List.of(POUR, SET, OUT), null)),
        refusal("steps.0.step", () -> new Route(List.of(SET, POUR, OUT), kinds)),
        refusal("steps.1.step", () -> new Route(List.of(POUR, OUT, SET), kinds)),
        refusal("steps", () -> new Route(List.of(POUR, SET), kinds)),
        refusal("steps.1.step", () -> new Route(List.of(POUR, OUT), kinds)),
        refusal("steps.3.step", () -> route(attended("polish", 1))),
        refusal("steps.3.waitH", () -> route(waiting("rest", null))),
        refusal("steps.3.waitH", () -> route(attended("trim", 1).waitingFor(2))),
        refusal(
            "steps.3.parts",
            () -> route(attended("trim", 1).joining(List.of(new PartWanted(1, 1)), null))),
        refusal("steps.3.parts", () -> route(attended("trim", 1).joining(List.of(), 0.5))),
        refusal("step", () -> kinds.of("polish")),
        refusal("step", () -> attended("", 1)),
        refusal("attendedMin", () -> attended("trim", -1)),
        refusal("attendedMin", () -> attended("trim", 1_441)),
        refusal("waitH", () -> waiting("rest", 0.0)),
        refusal("times", () -> attended("seal", 1).repeated(11, 5)),
        refusal("gapMin", () -> attended("seal", 1).repeated(2, -1)),
        refusal("mixKg", () -> attended("join", 1).joining(List.of(), 0.0)),
        refusal("quantity", () -> new PartWanted(1, 0)),
        refusal("productId", () -> new PartWanted(0, 1)),
        refusal("massKg", () -> new MaterialWanted(1, 0)),
        refusal("materialId", () -> new MaterialWanted(0, 1)));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("refused")
  void refuses(String field, ThrowingCallable made) {
    assertRefusedAt(field, made);
  }

  @Test
  void anUnknownStepIsToldWithThoseThatThereAre() {
    assertThatThrownBy(() -> route(attended("polish", 1)))
        .isInstanceOfSatisfying(
            RefusedException.class,
            refused -> {
              assertThat(refused.findings().get(0).code()).isEqualTo(FindingCode.STEP_KIND_UNKNOWN);
              assertThat(refused.findings().get(0).params())
                  .containsEntry("value", "polish")
                  .hasEntrySatisfying("wanted", w -> assertThat((String) w).contains("trim, "));
            });
  }

  /** A rest of three hours, a seal twice fifteen minutes apart, a rest of a day. */
  private static Route sealed() {
    return route(
        waiting("rest", 3.0),
        attended("seal", 3).repeated(2, 15),
        waiting("rest", 24.0),
        attended("pack", 3));
  }

  /** What is waited for after a step: not that step's own wait, but the gaps of its rounds. */
  @Test
  void theHoursAfterAStepAreItsWaitsAndGaps() {
    assertThat(sealed().hoursAfter(2)).isCloseTo(3 + 0.25 + 24, within(1e-12));
    assertThat(sealed().hoursAfter(3)).isCloseTo(0.25 + 24, within(1e-12));
    assertThat(sealed().hoursAfter(4)).isCloseTo(0.25 + 24, within(1e-12));
    assertThat(sealed().hoursAfter(6)).isZero();
  }

  @Test
  void theLastRoundOfTheLastStepEndsIt() {
    Route twice = route(attended("seal", 3).repeated(2, 15));
    assertThat(twice.endsWith(3, 1)).isFalse();
    assertThat(twice.endsWith(3, 2)).isTrue();
    assertThat(twice.endsWith(2, 2)).isFalse();
  }

  /** A piece that changes its route stands at the same kind of step, the so-manieth of it. */
  @Test
  void onAnotherRouteAPieceStandsAtTheSameStep() {
    Route other =
        route(
            attended("trim", 2),
            waiting("rest", 1.0),
            attended("seal", 3),
            waiting("rest", 2.0),
            attended("pack", 1));
    assertThat(other.placeOf(sealed(), 3)).hasValue(4);
    assertThat(other.placeOf(sealed(), 5)).hasValue(6);
    assertThat(other.placeOf(sealed(), 4)).hasValue(5);
    assertThat(route().placeOf(sealed(), 4)).isEmpty();
    assertThat(route(waiting("rest", 1.0)).placeOf(sealed(), 5)).isEmpty();
  }

  @Test
  void partsAreTakenWhereTheyAreJoined() {
    Route joined =
        route(
            attended("trim", 2),
            attended("join", 5).joining(List.of(new PartWanted(7, 2)), 0.4),
            attended("pack", 1));
    assertThat(joined.takesParts(4)).isTrue();
    assertThat(joined.takesParts(3)).isFalse();
    assertThat(joined.takesPartsFrom(0)).isTrue();
    assertThat(joined.takesPartsFrom(4)).isTrue();
    assertThat(joined.takesPartsFrom(5)).isFalse();
    assertThat(route(attended("join", 5)).takesParts(3)).isFalse();
    assertThat(joined.steps().get(4).mixKg()).isEqualTo(0.4);
    assertThat(joined.steps().get(4).in("bench").station()).isEqualTo("bench");
  }

  @Test
  void aRouteMayHoldItsOwnTimeInTheMould() {
    Route pressed =
        new Route(List.of(POUR, waiting("set", 0.5), OUT, POUR, SET, OUT), StepKinds.shipped());
    assertThat(pressed.ownSetH(0)).isEqualTo(0.5);
    assertThat(pressed.ownSetH(2)).isNull();
    assertThat(route().ownSetH(0)).isNull();
    assertThat(route().ownSetH(2)).isNull();
    assertThat(pressed.demouldNo()).isEqualTo(2);
    assertThat(pressed.demouldNo(3)).isEqualTo(5);
    assertThat(pressed.pours()).containsExactly(0, 3);
    assertThatThrownBy(() -> route().demouldNo(3)).isInstanceOf(IllegalStateException.class);
  }

  /** Other waits in the mould are part of the demould age: 24 hours of which 4 are waited. */
  @Test
  void settingCountsFromThePour() {
    Route waited =
        new Route(List.of(POUR, waiting("rest", 4.0), SET, OUT), StepKinds.shipped())
            .withAges(24, 168);
    assertThat(waited.waitH(2)).isEqualTo(20);
    Route shorter =
        new Route(List.of(POUR, waiting("rest", 4.0), SET, OUT), StepKinds.shipped())
            .withAges(3, 168);
    assertThat(shorter.waitH(2)).isPositive().isLessThan(0.01);
    assertThat(route(waiting("dry", null)).withAges(24, 168).waitH(3)).isEqualTo(168);
    assertThat(route(waiting("dry", 48.0)).withAges(24, 168).waitH(3)).isEqualTo(48);
  }

  /** At the very moment that a wait is over a piece stands where it goes on. */
  @Test
  void whereAPieceStandsChangesAtTheGate() {
    Route route =
        route(
                waiting("bath", 24.0),
                attended("rinse", 2),
                waiting("dry", null),
                attended("seal", 3).repeated(2, 15).in("coating"),
                waiting("rest", 24.0),
                attended("pack", 3))
            .withAges(24, 168);
    assertThat(route.standAfter(2, 1, NOON, NOON).board()).isEqualTo(Board.BATH);
    assertThat(route.standAfter(4, 1, NOON, hours(167.9)).board()).isEqualTo(Board.DRYING);
    assertThat(route.standAfter(6, 1, NOON, NOON).board()).isEqualTo(Board.COATING);
    assertThat(route.standAfter(6, 1, NOON, NOON).station()).isEqualTo("coating");
    assertThat(route.standAfter(6, 2, NOON, hours(1)).board()).isEqualTo(Board.COATING);
    assertThat(route.standAfter(8, 1, NOON, NOON).board()).isEqualTo(Board.READY);
    assertThat(route.gateAfter(6, 1, NOON))
        .hasValueSatisfying(g -> assertThat(g.earliest()).isEqualTo(hours(0.25)));
    assertThat(route.gateAfter(6, 2, NOON))
        .hasValueSatisfying(g -> assertThat(g.earliest()).isEqualTo(hours(24)));
    assertThat(route.gateAfter(8, 1, NOON)).isEmpty();
  }

  @Test
  void aWaitThatIsTheRecipesMustBeFilledIn() {
    assertThatThrownBy(() -> route(waiting("dry", null), attended("pack", 1)).gateAfter(2, 1, NOON))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("withAges");
  }

  @Test
  void wettingIsTheKindsOrItsOwnOrUnderWater() {
    Route wet = route(waiting("bath", 24.0), waiting("wrap", 24.0), attended("mist", 1));
    assertThat(wet.wetting(3)).isEqualTo(Wetting.UNDER_WATER);
    assertThat(wet.wetting(4)).isEqualTo(Wetting.WRAPPED);
    assertThat(wet.wetting(5)).isEqualTo(Wetting.MISTED);
    assertThat(wet.wetting(0)).isNull();
    assertThat(route(attended("seal", 1)).faces(3)).isEqualTo(SealedFaces.ALL_OVER);
    assertThat(wet.faces(3)).isNull();
  }

  @Test
  void shippedRoutesAreFoundByTheirCode() {
    assertThat(StartingRoutes.find("vessel-bath"))
        .hasValueSatisfying(r -> assertThat(r.name()).isEqualTo("Bathed vessel"));
    assertThat(StartingRoutes.find("vessel-fried")).isEmpty();
    assertThatThrownBy(() -> StartingRoutes.usualOf("boats", null)).hasMessageContaining("boats");
    RouteStep seal =
        StartingRoutes.find("vessel-bath").orElseThrow().route().steps().stream()
            .filter(s -> s.step().equals("seal"))
            .findFirst()
            .orElseThrow();
    assertThat(seal.gramsPerM2()).isEqualTo(90);
    assertThat(seal.times()).isEqualTo(2);
    assertThat(seal.gapMin()).isEqualTo(15);
    assertThat(StepKinds.shipped().all()).hasSizeGreaterThan(20);
  }
}
