package ironshelf.shelf;

import static java.util.Objects.requireNonNull;

import ironshelf.act.ActService;
import ironshelf.copy.CastService;
import ironshelf.copy.CastView;
import ironshelf.core.route.Gate;
import ironshelf.core.route.Route;
import ironshelf.cure.CureService;
import ironshelf.http.problem.ProblemException;
import ironshelf.piece.LivePiece;
import ironshelf.piece.OnScale;
import ironshelf.piece.PieceService;
import ironshelf.piece.StepDone;
import ironshelf.piece.StepLedger;
import ironshelf.piece.Weighed;
import ironshelf.pour.PourReader;
import ironshelf.pour.WaitingLayer;
import ironshelf.pour.WaitingLayers;
import ironshelf.pour.Ways;
import ironshelf.pour.record.PourFacts;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes castings out of their moulds: copies are free, pieces go on to drying. */
@Service
@Transactional
public class TakeOutService {

  /** The kind of step that takes pieces out where no route says another. */
  private static final String TAKE_OUT = "demould";

  private final ActService acts;
  private final CastService castings;
  private final PourReader pours;
  private final WaitingLayers waiting;
  private final PieceService pieces;
  private final StepLedger ledger;
  private final InMould inMould;
  private final CureService cure;
  private final Ways ways;
  private final Clock clock;

  TakeOutService(
      ActService acts,
      CastService castings,
      PourReader pours,
      WaitingLayers waiting,
      PieceService pieces,
      StepLedger ledger,
      InMould inMould,
      CureService cure,
      Ways ways,
      Clock clock) {
    this.acts = acts;
    this.castings = castings;
    this.pours = pours;
    this.waiting = waiting;
    this.pieces = pieces;
    this.ledger = ledger;
    this.inMould = inMould;
    this.cure = cure;
    this.ways = ways;
    this.clock = clock;
  }

  /** Takes out what is named, all or nothing, once for the key. */
  public long takeOut(String key, TakeOutRequest request, Instant now) {
    Instant at = StepService.doneAt(request.doneAt(), now);
    OnScale together = request.together();
    return acts.once(
        key,
        "take-out",
        () -> {
          boolean early = false;
          String step = TAKE_OUT;
          List<Long> castIds =
              request.casts().stream().map(c -> requireNonNull(c.castId())).toList();
          Map<Long, Double> ageH = new HashMap<>();
          Map<Long, LivePiece> standing = inMould.standing(castIds);
          Ways.Known known = ways.known();
          Map<Long, StepDone.Place> places = new HashMap<>();
          Set<Long> ready = new HashSet<>();
          for (TakeOutRequest.TakenOut cast : request.casts()) {
            LivePiece piece = standing.get(cast.castId());
            early |= takeOut(cast, piece, known, request, at, ageH);
            Route route = piece == null ? null : known.way(piece.routeId());
            int no = route == null ? 0 : route.demouldNo(piece.stepNo());
            step = route == null ? step : route.kind(no).code();
            places.put(requireNonNull(cast.castId()), new StepDone.Place(no, 1));
            if (route != null && route.endsWith(no, 1)) {
              ready.add(requireNonNull(cast.castId()));
            }
          }
          Map<Long, List<Weighed>> byCast = new LinkedHashMap<>();
          request.casts().forEach(c -> byCast.put(requireNonNull(c.castId()), c.pieces()));
          return ledger.demould(
              new StepDone(
                  step,
                  at.truncatedTo(ChronoUnit.MICROS),
                  early ? request.earlyReason() : null,
                  request.note(),
                  false,
                  request.touch()),
              byCast,
              ageH,
              places,
              ready,
              together);
        });
  }

  /** Empties a copy; says whether that was early. */
  private boolean takeOut(
      TakeOutRequest.TakenOut taken,
      @Nullable LivePiece piece,
      Ways.Known known,
      TakeOutRequest request,
      Instant at,
      Map<Long, Double> ageH) {
    String earlyReason = request.earlyReason();
    Gate undone = piece == null ? null : known.undone(piece);
    CastView cast = castings.cast(taken.castId());
    int wanted = pieces.countOf(cast.id());
    if (taken.pieces().size() != wanted) {
      throw ProblemException.conflict(
          "cast.piecesWrong",
          Map.of("copy", cast.copyCode(), "wanted", wanted, "value", taken.pieces().size()));
    }
    PourFacts facts = pours.facts(List.of(cast.id())).get(cast.id());
    CureService.DemouldGate gate = inMould.gate(facts, piece, known);
    List<WaitingLayer> missing = waiting.of(List.of(cast.id()));
    if (!missing.isEmpty() && earlyReason == null) {
      throw ProblemException.conflict(
          "cast.layerMissing", Map.of("copy", cast.copyCode(), "layer", missing.get(0).layer()));
    }
    if (undone != null && earlyReason == null) {
      throw ProblemException.conflict(
          "cast.stepMissing", Map.of("copy", cast.copyCode(), "step", undone.kind().todo()));
    }
    if (at.isBefore(cast.filledAt())) {
      throw ProblemException.conflict(
          "cast.beforeFilled", Map.of("copy", cast.copyCode(), "at", at, "since", cast.filledAt()));
    }
    boolean early = at.isBefore(gate.readyAt());
    if (early && earlyReason == null) {
      throw ProblemException.conflict(
          "cast.tooEarly", Map.of("copy", cast.copyCode(), "at", gate.readyAt()));
    }
    boolean before = early || !missing.isEmpty() || undone != null;
    ageH.put(cast.id(), cure.ageH(facts.stays(), at));
    castings.empty(cast.id(), taken.version(), at, before ? earlyReason : null);
    return before;
  }
}
