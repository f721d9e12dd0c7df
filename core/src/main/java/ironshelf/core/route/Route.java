package ironshelf.core.route;

import ironshelf.core.quantity.Findings;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a piece goes through from pour to pack. Gates are moments, not clock times: a wait of 24
 * hours over a change of the clocks is 24 hours. Refused, with the reason: what harms the piece, as
 * sealing one that is still wet.
 *
 * @param steps 3 to 30, starting pour, set, demould
 */
public record Route(List<RouteStep> steps) {

  /** Where every route's demoulding stands. */
  public static final int DEMOULD_NO = 2;

  public Route {
    new Findings().list("steps", steps, 30).orRefuse();
    RouteRules.of(steps).orRefuse();
    steps = List.copyOf(steps);
  }

  /**
   * The route with the waits that are the recipe's own filled in.
   *
   * @param dryH before it is sealed, 0 or more
   */
  public Route withAges(double demouldAgeH, double dryH) {
    return new Route(
        steps.stream()
            .map(
                s ->
                    s.waitH() != null
                        ? s
                        : s.step() == StepKind.SET
                            ? s.waitingFor(demouldAgeH)
                            : s.step() == StepKind.DRY ? s.waitingFor(Math.max(dryH, 1e-3)) : s)
            .toList());
  }

  /** What a piece in its mould waits for. */
  public Gate demouldGate(Instant readyAt, @Nullable Instant greenUntil) {
    return new Gate(DEMOULD_NO, 1, StepKind.DEMOULD, readyAt, greenUntil);
  }

  /**
   * What comes after a step that was done; none where that was the last. Waits that are the
   * recipe's own must have been filled in.
   */
  public Optional<Gate> gateAfter(int stepNo, int round, Instant doneAt) {
    RouteStep done = steps.get(stepNo);
    if (round < done.times()) {
      return Optional.of(gate(stepNo, round + 1, doneAt.plus(ofMinutes(done.gapMin()))));
    }
    Instant earliest = doneAt;
    for (int i = stepNo + 1; i < steps.size(); i++) {
      RouteStep step = steps.get(i);
      if (!step.step().isWait()) {
        return Optional.of(gate(i, 1, earliest));
      }
      earliest = earliest.plus(ofHours(waitH(step)));
    }
    return Optional.empty();
  }

  /** All gates from here on, if each thing is done as soon as it may be. */
  public List<Gate> gatesFrom(Gate first) {
    List<Gate> gates = new ArrayList<>();
    Optional<Gate> next = Optional.of(first);
    while (next.isPresent()) {
      Gate gate = next.get();
      gates.add(gate);
      next = gateAfter(gate.stepNo(), gate.round(), gate.earliest());
    }
    return gates;
  }

  /** Where a piece stands now that had a step done to it then. */
  public Stand standAfter(int stepNo, int round, Instant doneAt, Instant now) {
    if (gateAfter(stepNo, round, doneAt).isEmpty()) {
      return new Stand(Board.READY, null);
    }
    RouteStep done = steps.get(stepNo);
    if (round < done.times()) {
      return new Stand(Board.COATING, done.station());
    }
    Instant until = doneAt;
    RouteStep stands = steps.get(stepNo + 1);
    for (int i = stepNo + 1; i < steps.size() && steps.get(i).step().isWait(); i++) {
      stands = steps.get(i);
      until = until.plus(ofHours(waitH(stands)));
      if (until.isAfter(now)) {
        break;
      }
    }
    return new Stand(board(stands, stepNo), stands.station());
  }

  private Board board(RouteStep stands, int doneNo) {
    return switch (stands.step()) {
      case BATH -> stands.wetting() == Wetting.UNDER_WATER ? Board.BATH : Board.WET;
      case DRY -> Board.DRYING;
      case REST -> Board.COATING;
      default ->
          steps.subList(0, doneNo + 1).stream().anyMatch(s -> s.step() == StepKind.DRY)
              ? Board.COATING
              : Board.WET;
    };
  }

  /** Whether that was the last thing to do. */
  public boolean endsWith(int stepNo, int round) {
    return stepNo == steps.size() - 1 && round >= steps.get(stepNo).times();
  }

  private Gate gate(int stepNo, int round, Instant earliest) {
    RouteStep step = steps.get(stepNo);
    return new Gate(
        stepNo,
        round,
        step.step(),
        earliest,
        step.bestH() == null ? null : earliest.plus(ofHours(step.bestH())));
  }

  private static double waitH(RouteStep step) {
    if (step.waitH() == null) {
      throw new IllegalStateException(
          RouteRules.word(step.step()) + " waits as its recipe says; fill that in (withAges)");
    }
    return step.waitH();
  }

  private static Duration ofHours(double hours) {
    return Duration.ofSeconds(Math.round(hours * 3_600));
  }

  private static Duration ofMinutes(double minutes) {
    return Duration.ofSeconds(Math.round(minutes * 60));
  }
}
