package ironshelf.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class RouteTest {

  private static final Instant NOON = Instant.parse("2027-03-01T12:00:00Z");
  private static final double DRY_H = 168;

  private static final StepKinds KINDS =
      StepKinds.shipped()
          .with(List.of(new StepKind("oil", "oil", "oiled", false, Set.of(Effect.COATS), null)));

  private static final Route VESSEL =
      StartingRoutes.usualOf("vessels", "rapid-neat").route().withAges(2.5, DRY_H);

  static List<StartingRoute> shipped() {
    return StartingRoutes.shipped();
  }

  @ParameterizedTest
  @MethodSource("shipped")
  void everyRouteThatShipsCanBeWalkedToItsEnd(StartingRoute shipped) {
    Route route = shipped.route().withAges(24, DRY_H);
    List<Gate> gates = route.gatesFrom(route.demouldGate(NOON, null));
    assertThat(gates.get(gates.size() - 1).kind().code()).isEqualTo("pack");
    for (int i = 1; i < gates.size(); i++) {
      assertThat(gates.get(i).earliest()).isAfterOrEqualTo(gates.get(i - 1).earliest());
    }
  }

  @Test
  void everyFamilyHasAUsualRoute() {
    for (String family : List.of("vessels", "trays", "pavers", "lamps", "fitness_stones")) {
      assertThat(StartingRoutes.usualOf(family, null).route().steps()).isNotEmpty();
    }
  }

  /** Common practice: rapid cement is bathed; hypertufa never is, whatever it is cast into. */
  @Test
  void theUsualRouteFollowsFamilyAndMix() {
    assertThat(StartingRoutes.usualOf("VESSELS", "rapid-neat").code()).isEqualTo("vessel-bath");
    assertThat(StartingRoutes.usualOf("vessels", "sand-cement").code()).isEqualTo("vessel-inside");
    assertThat(StartingRoutes.usualOf("trays", "high-strength").code()).isEqualTo("tray-wrap");
    for (String family : List.of("vessels", "trays", "pavers", "lamps")) {
      assertThat(StartingRoutes.usualOf(family, "hypertufa").route().steps())
          .noneMatch(s -> s.step().equals("bath") && s.wetting() != Wetting.WRAPPED);
    }
  }

  /**
   * Common practice, worked by hand: out at noon, trimmed at once, 24 h of bath, rinse, 7 days of
   * drying, two coats 15 minutes apart, a day's rest.
   */
  @Test
  void theBathedVesselWorkedByHand() {
    List<Gate> gates = VESSEL.gatesFrom(VESSEL.demouldGate(NOON, null));
    assertThat(gates)
        .extracting(g -> g.kind().code() + " " + g.round() + " " + g.earliest())
        .containsExactly(
            "demould 1 2027-03-01T12:00:00Z",
            "trim 1 2027-03-01T12:00:00Z",
            "rinse 1 2027-03-02T12:00:00Z",
            "seal 1 2027-03-09T12:00:00Z",
            "seal 2 2027-03-09T12:15:00Z",
            "inspect 1 2027-03-10T12:15:00Z",
            "pack 1 2027-03-10T12:15:00Z");
    assertThat(gates.get(3).bestUntil()).isEqualTo("2027-03-16T12:00:00Z");
  }

  /** Clocks go back on 31 October 2027 in Oslo: 24 hours later the wall says an hour less. */
  @Test
  void aDayOverAChangeOfTheClocksIsTwentyFourHours() {
    ZoneId oslo = ZoneId.of("Europe/Oslo");
    Instant trimmed = ZonedDateTime.of(2027, 10, 30, 12, 0, 0, 0, oslo).toInstant();
    Gate rinse = VESSEL.gateAfter(3, 1, trimmed).orElseThrow();
    assertThat(rinse.earliest().atZone(oslo).toString())
        .isEqualTo("2027-10-31T11:00+01:00[Europe/Oslo]");
    Instant spring = ZonedDateTime.of(2027, 3, 27, 12, 0, 0, 0, oslo).toInstant();
    assertThat(VESSEL.gateAfter(3, 1, spring).orElseThrow().earliest().atZone(oslo).toString())
        .isEqualTo("2027-03-28T13:00+02:00[Europe/Oslo]");
  }

  /** A piece passes the boards in the order of the shelf, by itself where only time is needed. */
  @ParameterizedTest
  @CsvSource({
    "2, 1,   0, WET, ",
    "3, 1,   1, BATH, bath",
    "3, 1,  30, BATH, bath",
    "5, 1,   1, DRYING, drying",
    "5, 1, 500, DRYING, drying",
    "7, 1,   0, COATING, coating",
    "7, 2,   1, COATING, ",
    "9, 1,   0, COATING, ",
    "10, 1,  0, READY, ",
  })
  void itStandsWhereItsStepLeftIt(int stepNo, int round, long hours, Board board, String station) {
    Stand stand = VESSEL.standAfter(stepNo, round, NOON, NOON.plusSeconds(hours * 3600));
    assertThat(stand).isEqualTo(new Stand(board, station));
  }

  @Test
  void wrappedPiecesMoveOnToDryingByThemselves() {
    Route paver = StartingRoutes.usualOf("pavers", "sand-cement").route().withAges(48, DRY_H);
    assertThat(paver.standAfter(2, 1, NOON, NOON.plusSeconds(71 * 3600)).board())
        .isEqualTo(Board.WET);
    assertThat(paver.standAfter(2, 1, NOON, NOON.plusSeconds(73 * 3600)).board())
        .isEqualTo(Board.DRYING);
  }

  @Test
  void theLastStepEndsIt() {
    int last = VESSEL.steps().size() - 1;
    assertThat(VESSEL.endsWith(last, 1)).isTrue();
    assertThat(VESSEL.gateAfter(last, 1, NOON)).isEqualTo(Optional.empty());
  }

  @ParameterizedTest
  @CsvSource({
    "pour set seal demould, ROUTE_SEAL_IN_MOULD",
    "pour set demould seal pack, ROUTE_SEAL_WET",
    "pour set demould bath dry seal pack, ROUTE_SEAL_SLIMY",
    "pour set demould dry seal trim pack, ROUTE_TRIM_SEALED",
    "pour set demould dry seal bath rinse pack, ROUTE_BATH_SEALED",
    "pour set demould pack inspect, ROUTE_AFTER_PACK",
    "pour set demould pack pack, ROUTE_AFTER_PACK",
    "pour set demould pour pack, ROUTE_IN_MOULD",
    "pour set inspect demould pack, ROUTE_IN_MOULD",
    "pour demould set pack, ROUTE_START",
    "pour set demould dry mist seal pack, ROUTE_SEAL_WET",
    "pour set demould polish pack, STEP_KIND_UNKNOWN",
    "pour set demould dry oil sand trim pack, ROUTE_TRIM_SEALED",
    "pour set demould oil pack, ROUTE_SEAL_WET",
    "pour set demould dry, ROUTE_ENDS_WAITING",
    "set pour demould pack, ROUTE_START",
    "pour set, ROUTE_START",
  })
  void whatHarmsThePieceIsRefusedWithTheReason(String steps, FindingCode reason) {
    assertThatThrownBy(() -> route(steps))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> assertThat(e.findings()).extracting(f -> f.code()).contains(reason));
  }

  @Test
  void waitsBelongToStepsThatTimeDoes() {
    assertThatThrownBy(
            () ->
                new Route(
                    List.of(
                        RouteStep.attended("pour", 1),
                        RouteStep.waiting("set", null),
                        RouteStep.attended("demould", 1).waitingFor(3),
                        RouteStep.waiting("bath", null),
                        RouteStep.attended("pack", 1)),
                    KINDS))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e ->
                assertThat(e.findings())
                    .extracting(f -> f.code())
                    .contains(FindingCode.ROUTE_WAIT_ATTENDED, FindingCode.VALUE_MISSING));
    assertThatThrownBy(() -> RouteStep.waiting("dry", Double.NaN))
        .isInstanceOf(RefusedException.class);
  }

  /** A board: letters pressed in while it is fresh, brushed on two days, drilled. */
  @Test
  void stepsStandAgainAndInTheMould() {
    List<RouteStep> steps = new ArrayList<>(route("pour rest stamp set demould").steps());
    steps.set(1, RouteStep.waiting("rest", 0.5));
    steps.addAll(route("pour set demould brush rest brush drill pack").steps().subList(3, 8));
    Route board = Route.judged(steps, KINDS).withAges(24, DRY_H);
    assertThat(board.demouldNo()).isEqualTo(4);
    assertThat(board.gateAfter(0, 1, NOON))
        .hasValueSatisfying(
            g -> {
              assertThat(g.kind().code()).isEqualTo("stamp");
              assertThat(g.earliest()).isEqualTo(NOON.plusSeconds(1_800));
            });
    assertThat(board.gatesFrom(board.demouldGate(NOON, null)))
        .extracting(g -> g.stepNo() + " " + g.kind().todo())
        .containsExactly("4 take out", "5 brush", "7 brush", "8 drill", "9 pack");
  }

  @Test
  void aShopsOwnStepObeysTheRulesOfItsEffects() {
    assertThat(KINDS.of("oil").has(Effect.COATS)).isTrue();
    assertThat(Route.judged(route("pour set demould dry oil pack").steps(), KINDS).faces(4))
        .isEqualTo(SealedFaces.ALL_OVER);
    // What ships stays what it is.
    StepKind other = new StepKind("seal", "wax", "waxed", true, Set.of(), null);
    assertThat(KINDS.with(List.of(other)).of("seal").has(Effect.COATS)).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "Oil, oil, false, COATS, , STEP_KIND_CODE",
    "oil, oil, true, ENDS, , STEP_KIND_WAITS",
    "oil, oil, true, GRADES, , STEP_KIND_WAITS",
    "oil, oil, false, COATS, WETS, STEP_KIND_WET_COAT",
    "oil, '', false, COATS, , VALUE_MISSING",
  })
  void aKindOfStepThatCannotBeIsRefused(
      String code, String todo, boolean waits, Effect one, Effect other, FindingCode reason) {
    Set<Effect> effects = other == null ? Set.of(one) : Set.of(one, other);
    assertThatThrownBy(() -> new StepKind(code, todo, "oiled", waits, effects, null))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> assertThat(e.findings()).extracting(f -> f.code()).contains(reason));
  }

  private static Route route(String steps) {
    List<RouteStep> list = new ArrayList<>();
    for (String word : steps.split(" ", -1)) {
      boolean waits = KINDS.knows(word) && KINDS.of(word).waits();
      list.add(
          word.equals("bath") || word.equals("rest")
              ? RouteStep.waiting(word, 24.0)
              : waits ? RouteStep.waiting(word, null) : RouteStep.attended(word, 1));
    }
    return Route.judged(list, KINDS);
  }
}
