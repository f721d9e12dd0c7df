package ironshelf.piece;

import static java.util.Objects.requireNonNull;
import static java.util.function.Function.identity;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import ironshelf.http.problem.ProblemException;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was done to pieces. Each piece stands at the last thing done to it; undoing that leads back
 * to the one before. Whether a step was due is others' matter.
 */
@Service
@Transactional
public class StepLedger {

  private final PieceRepository pieces;
  private final StepActRepository acts;
  private final PieceStepRepository steps;

  StepLedger(PieceRepository pieces, StepActRepository acts, PieceStepRepository steps) {
    this.pieces = pieces;
    this.acts = acts;
    this.steps = steps;
  }

  /**
   * Notes what came out of casts, cavity by cavity; gives the act.
   *
   * @param ageH the equivalent age of each cast
   * @param places where each cast's route has it
   * @param ready casts whose route ends with it
   * @param together what the scale said of all sound ones at once; null where it did not
   */
  public long demould(
      StepDone done,
      Map<Long, List<Weighed>> byCast,
      Map<Long, Double> ageH,
      Map<Long, StepDone.Place> places,
      Set<Long> ready,
      @Nullable OnScale together) {
    StepAct act = acts.save(new StepAct(done, true));
    byCast.forEach(
        (castId, weighed) -> {
          List<Piece> made = pieces.findByCastIdOrderById(castId);
          for (int i = 0; i < made.size(); i++) {
            Piece piece = made.get(i);
            stand(act, piece, places.get(castId), weighed.get(i).or(together));
            piece.out(done.at(), ageH.get(castId));
            String broke = weighed.get(i).scrapReason();
            if (broke != null) {
              piece.scrap(broke, done.at());
            } else if (ready.contains(castId)) {
              piece.ready(done.at());
            }
          }
        });
    return act.id();
  }

  /**
   * Notes a step done to pieces; gives the act.
   *
   * @param seen the pieces as they stood when it was judged that the step is due
   * @param scale what it said, by the piece; nothing of those that were not weighed
   * @param places where each piece's route has it
   * @param ready of which that was the last one
   */
  public long done(
      StepDone done,
      Collection<LivePiece> seen,
      Map<Long, OnScale> scale,
      Map<Long, StepDone.Place> places,
      Set<Long> ready) {
    StepAct act = acts.save(new StepAct(done, false));
    Map<Long, LivePiece> byId = seen.stream().collect(toMap(LivePiece::id, identity()));
    for (Piece piece : pieces.findAllById(byId.keySet())) {
      if (piece.isScrap()
          || piece.isSent()
          || !Objects.equals(byId.get(piece.id()).lastStepId(), piece.lastStepId())) {
        throw ProblemException.conflict("state.changed", Map.of());
      }
      stand(act, piece, places.get(piece.id()), scale.get(piece.id()));
      piece.ready(ready.contains(piece.id()) ? done.at() : null);
    }
    return act.id();
  }

  /** Makes pieces parts of a piece that was just joined. */
  public void join(long pieceId, Collection<Long> partIds) {
    Piece whole = pieces.findById(pieceId).orElseThrow();
    for (Piece part : pieces.findAllById(partIds)) {
      if (part.isScrap() || part.isSent() || part.isJoined()) {
        throw ProblemException.conflict("state.changed", Map.of());
      }
      part.join(pieceId, requireNonNull(whole.lastStepId()));
    }
    pieces.flush();
  }

  /** Keeps the equivalent age of pieces that are ready, in hours. */
  public void keepAges(Map<Long, Double> ageH) {
    pieces.findAllById(ageH.keySet()).forEach(piece -> piece.keepAge(ageH.get(piece.id())));
  }

  /** Notes that pieces are scrap; gives the act. */
  public long scrap(Collection<Long> pieceIds, String reason, Instant at) {
    StepAct act = acts.save(new StepAct(StepDone.scrap(reason, at), false));
    List<Piece> all = pieces.findAllById(pieceIds);
    Set<Long> unknown = new LinkedHashSet<>(pieceIds);
    all.forEach(piece -> unknown.remove(piece.id()));
    unknown.stream()
        .findFirst()
        .ifPresent(
            id -> {
              throw ProblemException.unknown("piece", id);
            });
    for (Piece piece : all) {
      if (piece.isScrap() || !piece.isOut() || piece.isSent() || piece.isJoined()) {
        throw ProblemException.conflict("piece.notSound", Map.of("piece", piece.id()));
      }
      stand(act, piece, new StepDone.Place(0, 1), null);
      piece.scrap(reason, at);
    }
    return act.id();
  }

  private void stand(StepAct act, Piece piece, StepDone.Place place, @Nullable OnScale scale) {
    PieceStep step =
        steps.save(new PieceStep(act.id(), piece.id(), piece.lastStepId(), place, scale));
    piece.standAt(step.id());
    if (scale != null) {
      piece.weighed(step);
    }
  }

  public void grade(long pieceId, @Nullable Grade grade) {
    pieces.findById(pieceId).orElseThrow().grade(grade);
  }

  /** Takes an act back, if nothing was done to its pieces since; gives the act. */
  public StepActView undo(long actId, Instant at) {
    StepAct act = acts.findById(actId).orElseThrow(() -> ProblemException.unknown("act", actId));
    List<PieceStep> own = steps.findByActIdInOrderById(List.of(actId));
    Map<Long, Piece> byId =
        pieces.findAllById(own.stream().map(PieceStep::pieceId).toList()).stream()
            .collect(toMap(Piece::id, identity()));
    boolean goneOn = own.stream().anyMatch(s -> !s.id().equals(byId.get(s.pieceId()).lastStepId()));
    boolean away = byId.values().stream().anyMatch(p -> p.isSent() || p.isJoined());
    if (act.isUndone() || act.isPuttingBack() || goneOn || away) {
      throw ProblemException.conflict("act.goneOn", Map.of());
    }
    for (PieceStep step : own) {
      Piece piece = byId.get(step.pieceId());
      Long before = step.beforeId();
      piece.standAt(before);
      piece.weighed(
          before == null
              ? null
              : steps.weighedUpTo(piece.id(), before).stream().findFirst().orElse(null));
      piece.ready(null);
      if (act.hasFreed()) {
        piece.in();
      }
      if (act.hasFreed() || act.isScrap()) {
        piece.unscrap();
      }
    }
    pieces.findByJoinedStepIn(own.stream().map(PieceStep::id).toList()).forEach(Piece::part);
    act.undo(at);
    return act.view(own);
  }

  /** The last acts since then, newest first; what was undone is not among them. */
  @Transactional(readOnly = true)
  public List<StepActView> recent(Instant since) {
    return views(
        acts.findTop20ByUndoneAtIsNullAndPuttingBackIsFalseAndDoneAtAfterOrderByIdDesc(since));
  }

  @Transactional(readOnly = true)
  public boolean knows(long actId) {
    return acts.existsById(actId);
  }

  /** All takings-out of which a hand said something, oldest first. */
  @Transactional(readOnly = true)
  public List<StepActView> touched() {
    return views(acts.findByTouchIsNotNullAndUndoneAtIsNullOrderById());
  }

  private List<StepActView> views(List<StepAct> some) {
    Map<Long, List<PieceStep>> byAct =
        steps.findByActIdInOrderById(some.stream().map(StepAct::id).toList()).stream()
            .collect(groupingBy(PieceStep::actId));
    return some.stream().map(a -> a.view(byAct.getOrDefault(a.id(), List.of()))).toList();
  }

  /** What was done to a piece, in order, with what it weighed; what was undone is not in it. */
  @Transactional(readOnly = true)
  public List<PieceDone> history(long pieceId) {
    List<PieceStep> own = steps.findByPieceIdOrderById(pieceId);
    Map<Long, StepAct> byId =
        acts.findAllById(own.stream().map(PieceStep::actId).toList()).stream()
            .collect(toMap(StepAct::id, identity(), (a, b) -> a, LinkedHashMap::new));
    List<PieceDone> history = new ArrayList<>();
    for (PieceStep step : own) {
      StepAct act = byId.get(step.actId());
      if (!act.isUndone()) {
        history.add(new PieceDone(act.view(List.of(step)), step.massKg(), step.weighedWith()));
      }
    }
    return history;
  }

  /**
   * An act as one piece had it.
   *
   * @param weighedWith of how many weighed together its mass is a share; null where it was alone
   */
  public record PieceDone(
      StepActView act, @Nullable BigDecimal massKg, @Nullable Integer weighedWith) {}
}
