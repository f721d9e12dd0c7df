package ironshelf.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pieces that go back into a mould: a second head, a relief. */
class PouredAgainTest {

  private static final StepKinds KINDS = StepKinds.shipped();
  private static final Instant NOON = Instant.parse("2027-03-01T12:00:00Z");

  private static Route route(String words) {
    return Route.judged(steps(words), KINDS);
  }

  private static List<RouteStep> steps(String words) {
    List<RouteStep> steps = new ArrayList<>();
    for (String word : words.split(" ", -1)) {
      String code = word.replaceAll("[0-9]+$", "");
      String hours = word.substring(code.length());
      boolean waits = KINDS.knows(code) && KINDS.of(code).waits();
      steps.add(
          waits
              ? RouteStep.waiting(code, hours.isEmpty() ? null : Double.valueOf(hours))
              : RouteStep.attended(code, 1));
    }
    return steps;
  }

  /** By hand: out after 24 h, two days of rest, and 24 h in the mould again. */
  @Test
  void theSecondPourHasItsOwnClock() {
    Route weight = route("pour set demould rest48 pour set demould pack").withAges(24, 168);
    assertThat(weight.pours()).containsExactly(0, 4);
    assertThat(weight.demouldNo(4)).isEqualTo(6);
    Gate second = weight.gateAfter(2, 1, NOON).orElseThrow();
    assertThat(second.stepNo()).isEqualTo(4);
    assertThat(second.earliest()).isEqualTo(NOON.plus(Duration.ofDays(2)));
    Gate out = weight.gateAfter(4, 1, NOON).orElseThrow();
    assertThat(out.stepNo()).isEqualTo(6);
    assertThat(out.earliest()).isEqualTo(NOON.plus(Duration.ofDays(1)));
  }

  @Test
  void aRouteGainsAndLosesPours() {
    Route plain = route("pour set demould brush dry168 seal pack");
    Route heads = plain.pouredAgain(List.of(48.0));
    assertThat(heads.steps())
        .extracting(RouteStep::step)
        .containsExactly(
            "pour", "set", "demould", "rest", "pour", "set", "demould", "brush", "dry", "seal",
            "pack");
    assertThat(heads.steps().get(3).waitH()).isEqualTo(48);
    assertThat(heads.pouredAgain(List.of(48.0))).isEqualTo(heads);
    assertThat(heads.pouredAgain(List.of()).steps())
        .extracting(RouteStep::step)
        .containsExactly("pour", "set", "demould", "rest", "brush", "dry", "seal", "pack");
    assertThat(heads.pouredAgain(List.of(48.0, 24.0)).pours()).hasSize(3);
  }

  @ParameterizedTest
  @CsvSource({
    "pour set demould pour demould pack, ROUTE_NOT_SET",
    "pour pour set demould pack, ROUTE_TWICE",
    "pour set demould demould pack, ROUTE_TWICE",
    "pour set demould set pack, ROUTE_TWICE",
    "pour set set demould pack, ROUTE_TWICE",
    "pour set demould dry seal pour set demould pack, ROUTE_POUR_SEALED",
    "pour set demould pour set brush, ROUTE_KEPT_IN",
    "pour set demould pour set seal demould pack, ROUTE_SEAL_IN_MOULD",
    "pour set demould dry pour set demould seal pack, ROUTE_SEAL_WET",
  })
  void whatNoMouldCanDoIsRefusedWithTheReason(String steps, FindingCode reason) {
    assertThatThrownBy(() -> route(steps))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> assertThat(e.findings()).extracting(f -> f.code()).contains(reason));
  }

  private static final List<String> WORDS =
      List.of(
          "pour", "set", "demould", "rest5", "brush", "bath24", "rinse", "dry72", "seal", "join",
          "inspect", "pack");

  /**
   * Random routes against rules written apart, by what state a piece is in: nothing impossible is
   * accepted, nothing possible refused.
   */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void acceptedIsWhatCanBeDone(long seed) {
    Random random = new Random(seed);
    int accepted = 0;
    for (int n = 0; n < 1_500; n++) {
      StringBuilder words = new StringBuilder("pour");
      // Mostly along what can be, so that both answers come up.
      for (int i = 2 + random.nextInt(9); i > 0; i--) {
        words.append(' ').append(WORDS.get(random.nextInt(WORDS.size())));
      }
      if (random.nextBoolean()) {
        words.append(" pack");
      }
      String tried =
          random.nextInt(3) == 0
              ? "pour set demould " + words + " pack"
              : words.toString().replaceFirst("pour", "pour set demould");
      boolean possible = isPossible(tried.split(" ", -1));
      assertThat(isAccepted(tried)).as(tried).isEqualTo(possible);
      accepted += possible ? 1 : 0;
    }
    assertThat(accepted).isPositive();
  }

  private static boolean isAccepted(String words) {
    try {
      route(words);
      return true;
    } catch (RefusedException e) {
      return false;
    }
  }

  /** A piece walks its route; each step says what it needs of the piece's state. */
  private static boolean isPossible(String[] words) {
    String where = "nowhere";
    boolean film = false;
    boolean slime = false;
    boolean dry = false;
    boolean packed = false;
    for (String word : words) {
      if (packed) {
        return false;
      }
      String step = word.replaceAll("[0-9]+$", "");
      switch (step) {
        case "pour" -> {
          if (film || where.equals("fresh") || where.equals("hard")) {
            return false;
          }
          where = "fresh";
          dry = false;
        }
        case "set" -> {
          if (!where.equals("fresh")) {
            return false;
          }
          where = "hard";
        }
        case "demould" -> {
          if (!where.equals("hard")) {
            return false;
          }
          where = "out";
        }
        case "bath" -> {
          if (film) {
            return false;
          }
          slime = true;
          dry = false;
        }
        case "rinse" -> {
          slime = false;
          dry = false;
        }
        case "dry" -> dry = true;
        case "seal" -> {
          if (!where.equals("out") || !dry || slime) {
            return false;
          }
          film = true;
        }
        case "join", "inspect" -> {
          if (!where.equals("out")) {
            return false;
          }
        }
        case "pack" -> {
          if (!where.equals("out")) {
            return false;
          }
          packed = true;
        }
        default -> {}
      }
    }
    boolean endsWaiting = words[words.length - 1].matches("(rest|dry|bath|set).*");
    return where.equals("out") && !endsWaiting && words.length <= 40;
  }

  /** Gates of random possible routes with repeats, against a clock that is walked by hand. */
  @ParameterizedTest
  @ValueSource(longs = {11, 12, 13, 14})
  void gatesAreWhereAClockHasThem(long seed) {
    Random random = new Random(seed);
    for (int n = 0; n < 500; n++) {
      List<RouteStep> steps = new ArrayList<>();
      int pours = 1 + random.nextInt(3);
      for (int p = 0; p < pours; p++) {
        steps.add(RouteStep.attended("pour", 2));
        steps.add(RouteStep.waiting("set", (double) (1 + random.nextInt(48))));
        steps.add(RouteStep.attended("demould", 1));
        for (int i = random.nextInt(4); i > 0; i--) {
          steps.add(
              random.nextBoolean()
                  ? RouteStep.waiting("rest", (double) random.nextInt(30) + 1)
                  : RouteStep.attended("brush", 1)
                      .repeated(1 + random.nextInt(3), 60 * random.nextInt(25)));
        }
      }
      steps.add(RouteStep.attended("pack", 1));
      Route route = Route.judged(steps, KINDS);
      Instant clock = NOON;
      int stepNo = 0;
      int round = 1;
      for (int i = 0; i < steps.size(); i++) {
        RouteStep step = steps.get(i);
        if (step.waitH() != null) {
          clock = clock.plusSeconds(Math.round(step.waitH() * 3_600));
          continue;
        }
        for (int time = 1; time <= step.times(); time++) {
          if (i > 0) {
            clock = time == 1 ? clock : clock.plusSeconds(Math.round(step.gapMin() * 60));
            Instant before = gateBefore;
            Optional<Gate> gate = route.gateAfter(stepNo, round, before);
            assertThat(gate).isPresent();
            assertThat(gate.orElseThrow().stepNo()).isEqualTo(i);
            assertThat(gate.orElseThrow().round()).isEqualTo(time);
            assertThat(gate.orElseThrow().earliest()).isEqualTo(clock);
          }
          stepNo = i;
          round = time;
          gateBefore = clock;
        }
      }
      assertThat(route.gateAfter(stepNo, round, clock)).isEmpty();
    }
  }

  /** When the last thing was done, in the walk above. */
  private Instant gateBefore = NOON;
}
