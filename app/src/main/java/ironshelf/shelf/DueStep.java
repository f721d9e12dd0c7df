package ironshelf.shelf;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toCollection;

import ironshelf.core.route.Effect;
import ironshelf.core.route.Gate;
import ironshelf.core.route.Route;
import ironshelf.core.route.StepKind;
import ironshelf.http.problem.ProblemException;
import ironshelf.piece.LivePiece;
import ironshelf.pour.Ways;
import java.time.Instant;
import java.util.Collection;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Component;

/** Whether a step that is asked for is the one that comes next, and due. */
@Component
class DueStep {

  /** What no piece can go on without. */
  private static final Set<Effect> NEVER_LEFT_OUT = Set.of(Effect.POURS, Effect.JOINS, Effect.ENDS);

  /** The gate of the step that was asked for, if it is the one that comes next and is due. */
  Gate gate(
      LivePiece piece,
      Ways.Known known,
      StepRequest request,
      StepRequest.StepPiece own,
      Instant at) {
    int stepNo = own.stepNo() == null ? request.stepNo() : own.stepNo();
    int round = own.round() == null ? request.round() : own.round();
    String product = known.products().get(piece.productId()).name();
    Gate gate = piece.readyAt() != null ? null : known.gate(piece).orElse(null);
    if (gate == null || gate.stepNo() != stepNo || gate.round() != round) {
      throw ProblemException.conflict(
          "step.notNext",
          Map.of(
              "product",
              product,
              "wanted",
              gate == null ? "nothing" : word(gate.kind(), gate.round()),
              "value",
              word(known.way(piece.routeId()), stepNo, round)));
    }
    if (gate.kind().has(Effect.FREES_MOULD)) {
      throw ProblemException.conflict("step.takeOut", Map.of("product", product));
    }
    if (gate.kind().has(Effect.POURS)) {
      throw ProblemException.conflict("step.isPour", Map.of("product", product));
    }
    boolean leftOut = Boolean.TRUE.equals(request.leftOut());
    if (leftOut && gate.kind().effects().stream().anyMatch(NEVER_LEFT_OUT::contains)) {
      throw ProblemException.conflict(
          "step.needed", Map.of("product", product, "step", gate.kind().todo()));
    }
    if (at.isBefore(piece.doneAt())) {
      throw ProblemException.conflict("step.before", Map.of("at", at, "since", piece.doneAt()));
    }
    if (at.isBefore(gate.earliest()) && request.earlyReason() == null) {
      throw ProblemException.conflict(
          "step.tooEarly",
          Map.of(
              "product", product,
              "step", word(gate.kind(), gate.round()),
              "at", gate.earliest()));
    }
    return gate;
  }

  /** The kind that all of them are of; refused where they differ. */
  StepKind oneKind(Collection<Gate> gates) {
    Set<String> words =
        gates.stream().map(g -> g.kind().todo()).collect(toCollection(TreeSet::new));
    if (words.size() > 1) {
      throw ProblemException.conflict(
          "step.mixed", Map.of("value", words.stream().collect(joining(", "))));
    }
    return gates.iterator().next().kind();
  }

  private static String word(Route way, int stepNo, int round) {
    return stepNo < way.steps().size() ? word(way.kind(stepNo), round) : "step " + stepNo;
  }

  private static String word(StepKind kind, int round) {
    return round > 1 ? kind.todo() + " " + round : kind.todo();
  }
}
