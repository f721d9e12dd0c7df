package ironshelf.route;

import ironshelf.core.route.Board;
import ironshelf.core.route.Gate;
import ironshelf.core.route.Route;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One gate of a route set out along time, if each thing is done as soon as it may be, at 20 °C.
 *
 * @param step code of its kind
 * @param todo the word for it
 * @param atH hours after the pour
 * @param bestUntilH null where it does not matter
 * @param board where the piece stands after it
 */
public record RouteLine(
    int stepNo,
    int round,
    String step,
    String todo,
    double atH,
    @Nullable Double bestUntilH,
    double attendedMin,
    Board board) {

  private static final double HOUR_S = 3_600;

  /** All gates of a route whose waits are filled in. */
  public static List<RouteLine> of(Route route) {
    return route.gateAfter(0, 1, Instant.EPOCH).map(route::gatesFrom).orElseGet(List::of).stream()
        .map(
            g ->
                new RouteLine(
                    g.stepNo(),
                    g.round(),
                    g.kind().code(),
                    g.kind().todo(),
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
