package ironshelf.piece;

import static java.util.Objects.requireNonNull;
import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import ironshelf.http.problem.ProblemException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Pieces that were out and are put into a mould again, to be poured onto. A piece stays what it is:
 * the cast that it was in before is kept beside the one that it is in.
 */
@Service
@Transactional
public class MouldReturns {

  private final PieceRepository pieces;
  private final StepActRepository acts;
  private final PieceStepRepository steps;
  private final EarlierCastRepository earlier;

  MouldReturns(
      PieceRepository pieces,
      StepActRepository acts,
      PieceStepRepository steps,
      EarlierCastRepository earlier) {
    this.pieces = pieces;
    this.acts = acts;
    this.steps = steps;
    this.earlier = earlier;
  }

  /**
   * Puts pieces into a cast.
   *
   * @param seen as they stood when they were chosen, each with the step of its route at which it is
   *     poured again
   */
  public void putBack(long castId, Map<LivePiece, Integer> seen, StepDone done) {
    StepAct act = acts.save(StepAct.puttingBack(done));
    Map<Long, LivePiece> byId = seen.keySet().stream().collect(toMap(LivePiece::id, identity()));
    for (Piece piece : pieces.findAllById(byId.keySet())) {
      LivePiece was = requireNonNull(byId.get(piece.id()));
      if (piece.isScrap()
          || piece.isSent()
          || piece.isJoined()
          || !Objects.equals(was.lastStepId(), piece.lastStepId())) {
        throw ProblemException.conflict("state.changed", Map.of());
      }
      PieceStep step =
          steps.save(
              new PieceStep(
                  act.id(),
                  piece.id(),
                  piece.lastStepId(),
                  new StepDone.Place(requireNonNull(seen.get(was)), 1),
                  null));
      earlier.save(piece.putInto(castId, act.id()));
      piece.standAt(step.id());
    }
    pieces.flush();
  }

  /**
   * Undoes that for what is in these casts; gives the casts whose pieces were put into them.
   *
   * @throws ProblemException where something was done to a piece since
   */
  public Set<Long> takeBack(Collection<Long> castIds, Instant at) {
    List<Piece> inside = pieces.findByCastIdInOrderById(castIds);
    Map<Long, EarlierCast> last =
        earlier.findByPieceIdInOrderById(inside.stream().map(Piece::id).toList()).stream()
            .collect(toMap(EarlierCast::pieceId, identity(), (a, b) -> b));
    Set<Long> returned = new LinkedHashSet<>();
    List<EarlierCast> gone = new ArrayList<>();
    for (Piece piece : inside) {
      EarlierCast before = last.get(piece.id());
      if (before == null) {
        continue;
      }
      PieceStep step = steps.findById(requireNonNull(piece.lastStepId())).orElseThrow();
      if (step.actId() != before.actId()) {
        throw ProblemException.conflict("act.goneOn", Map.of());
      }
      returned.add(piece.castId());
      piece.takenBack(before);
      piece.standAt(step.beforeId());
      acts.findById(before.actId()).orElseThrow().undo(at);
      gone.add(before);
    }
    earlier.deleteAll(gone);
    pieces.flush();
    return returned;
  }

  /** All casts that a piece was in, the first first. */
  @Transactional(readOnly = true)
  public List<Long> castsOf(PieceView piece) {
    List<Long> casts =
        new ArrayList<>(
            earlier.findByPieceIdInOrderById(List.of(piece.id())).stream()
                .map(EarlierCast::castId)
                .toList());
    casts.add(piece.castId());
    return casts;
  }
}
