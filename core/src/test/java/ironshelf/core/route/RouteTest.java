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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class RouteTest {

  private static final Instant NOON = Instant.parse("2027-03-01T12:00:00Z");
  private static final double DRY_H = 168;

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
    assertThat(gates.get(gates.size() - 1).step()).isEqualTo(StepKind.PACK);
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
          .noneMatch(s -> s.wetting() == Wetting.UNDER_WATER);
    }
  }

  /**
   * Handbook 1-E and 1-F, worked by hand: out at noon, trimmed at once, 24 h of bath, rinse, 7 days
   * of drying, two coats 15 minutes apart, a day's rest.
   */
  @Test
  void theBathedVesselWorkedByHand() {
    List<Gate> gates = VESSEL.gatesFrom(VESSEL.demouldGate(NOON, null));
    assertThat(gates)
        .extracting(g -> g.step() + " " + g.round() + " " + g.earliest())
        .containsExactly(
            "DEMOULD 1 2027-03-01T12:00:00Z",
            "TRIM 1 2027-03-01T12:00:00Z",
            "RINSE 1 2027-03-02T12:00:00Z",
            "SEAL 1 2027-03-09T12:00:00Z",
            "SEAL 2 2027-03-09T12:15:00Z",
            "INSPECT 1 2027-03-10T12:15:00Z",
            "PACK 1 2027-03-10T12:15:00Z");
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
    "pour set demould trim trim pack, ROUTE_TWICE",
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
                        RouteStep.attended(StepKind.POUR, 1),
                        RouteStep.waiting(StepKind.SET, null),
                        RouteStep.attended(StepKind.DEMOULD, 1).waitingFor(3),
                        RouteStep.waiting(StepKind.BATH, null),
                        RouteStep.attended(StepKind.PACK, 1))))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e ->
                assertThat(e.findings())
                    .extracting(f -> f.code())
                    .contains(FindingCode.ROUTE_WAIT_ATTENDED, FindingCode.VALUE_MISSING));
    assertThatThrownBy(() -> RouteStep.waiting(StepKind.DRY, Double.NaN))
        .isInstanceOf(RefusedException.class);
  }

  private static Route route(String steps) {
    List<RouteStep> list = new ArrayList<>();
    for (String word : steps.split(" ", -1)) {
      StepKind kind = StepKind.valueOf(word.toUpperCase(java.util.Locale.ROOT));
      list.add(
          kind == StepKind.BATH || kind == StepKind.REST
              ? RouteStep.waiting(kind, 24.0)
              : kind.isWait() ? RouteStep.waiting(kind, null) : RouteStep.attended(kind, 1));
    }
    return new Route(list);
  }
}
