package ironshelf.route;

import ironshelf.core.route.Board;
import ironshelf.core.route.Gate;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.core.route.StepKind;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One gate of a route set out along time, if each thing is done as soon as it may be, at 20 °C.
 *
 * @param atH hours after the pour
 * @param bestUntilH null where it does not matter
 * @param board where the piece stands after it
 */
public record RouteLine(
    int stepNo,
    int round,
    StepKind step,
    double atH,
    @Nullable Double bestUntilH,
    double attendedMin,
    Board board) {

  private static final double HOUR_S = 3_600;

  /** All gates of a route whose waits are filled in. */
  public static List<RouteLine> of(Route route) {
    RouteStep set = route.steps().get(Route.DEMOULD_NO - 1);
    Double setH = set.waitH();
    Instant out = Instant.EPOCH.plusSeconds(Math.round((setH == null ? 0 : setH) * HOUR_S));
    return route.gatesFrom(route.demouldGate(out, null)).stream()
        .map(
            g ->
                new RouteLine(
                    g.stepNo(),
                    g.round(),
                    g.step(),
                    hours(g.earliest()),
                    g.bestUntil() == null ? null : hours(g.bestUntil()),
                    route.steps().get(g.stepNo()).attendedMin(),
                    boardAfter(route, g)))
        .toList();
  }

  private static Board boardAfter(Route route, Gate gate) {
    return route.standAfter(gate.stepNo(), gate.round(), gate.earliest(), gate.earliest()).board();
  }

  private static double hours(Instant at) {
    return Duration.between(Instant.EPOCH, at).toSeconds() / HOUR_S;
  }
}
