package ironshelf.shelf;

import static java.util.Objects.requireNonNull;

import ironshelf.act.ActService;
import ironshelf.copy.CastService;
import ironshelf.core.route.Board;
import ironshelf.core.route.Gate;
import ironshelf.core.route.Stand;
import ironshelf.core.route.StepKind;
import ironshelf.http.ProblemException;
import ironshelf.piece.LivePiece;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.piece.StepActView;
import ironshelf.piece.StepDone;
import ironshelf.piece.StepLedger;
import ironshelf.station.StationService;
import ironshelf.station.StationView;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Does steps to pieces that are out of their moulds, scraps them, and takes acts back. */
@Service
@Transactional
public class StepService {

  /** How far a browser's clock may be ahead. */
  private static final Duration SLACK = Duration.ofSeconds(90);

  private final ActService acts;
  private final PieceService pieces;
  private final StepLedger ledger;
  private final CastService castings;
  private final StationService stations;
  private final Ways ways;
  private final ShelfService shelf;
  private final Clock clock;
  private final PieceAges ages;

  StepService(
      ActService acts,
      PieceService pieces,
      StepLedger ledger,
      CastService castings,
      StationService stations,
      Ways ways,
      ShelfService shelf,
      Clock clock,
      PieceAges ages) {
    this.acts = acts;
    this.pieces = pieces;
    this.ledger = ledger;
    this.castings = castings;
    this.stations = stations;
    this.ways = ways;
    this.shelf = shelf;
    this.clock = clock;
    this.ages = ages;
  }

  /** Does what comes next to pieces, all or none, once for the key; gives the act. */
  public long step(@Nullable String key, StepRequest request) {
    Instant now = clock.instant();
    return acts.once(key, "step", () -> step(request, now));
  }

  /** What comes next for a piece; none where it is in its mould, scrap or ready. */
  @Transactional(readOnly = true)
  public Optional<Gate> next(long pieceId) {
    Ways.Known known = ways.known();
    return pieces.live(List.of(pieceId)).stream()
        .filter(p -> p.readyAt() == null)
        .findFirst()
        .flatMap(known::gate);
  }

  /** When something was done, which may be noted later, never before. */
  static Instant doneAt(@Nullable Instant said, Instant now) {
    Instant at = said == null ? now : said;
    if (at.isAfter(now.plus(SLACK))) {
      throw ProblemException.conflict("step.future", Map.of("at", at));
    }
    return at;
  }

  /** The same in the caller's own act, which sees to it that nothing is done twice. */
  public long step(StepRequest request, Instant now) {
    Instant at = doneAt(request.doneAt(), now);
    List<Long> ids = request.pieces().stream().map(p -> requireNonNull(p.id())).distinct().toList();
    List<LivePiece> live = pieces.live(ids);
    if (live.size() != ids.size()) {
      long missing =
          ids.stream()
              .filter(id -> live.stream().noneMatch(p -> p.id() == id))
              .findFirst()
              .orElseThrow();
      throw ProblemException.conflict("piece.notSound", Map.of("piece", missing));
    }
    Ways.Known known = ways.known();
    Gate gate = null;
    for (LivePiece piece : live) {
      gate = dueGate(piece, known, request, at);
    }
    LivePiece first = live.get(0);
    refuseOverfull(request, known, first, requireNonNull(gate), at, live.size());
    Map<Long, Double> massKg = new HashMap<>();
    request.pieces().stream()
        .filter(p -> p.massKg() != null)
        .forEach(p -> massKg.put(p.id(), p.massKg()));
    if (request.grade() != null) {
      ids.forEach(id -> ledger.grade(id, request.grade()));
    }
    boolean last = known.way(first.routeId()).endsWith(gate.stepNo(), gate.round());
    long act =
        ledger.done(
            new StepDone(
                gate.step(),
                gate.stepNo(),
                gate.round(),
                at.truncatedTo(ChronoUnit.MICROS),
                request.earlyReason(),
                request.note(),
                null),
            live,
            massKg,
            last);
    if (last) {
      ages.keepReady(ids, known, at);
    }
    return act;
  }

  /** The gate of the step that was asked for, if it is the one that comes next and is due. */
  private Gate dueGate(LivePiece piece, Ways.Known known, StepRequest request, Instant at) {
    String product = known.products().get(piece.productId()).name();
    Gate gate = piece.readyAt() != null ? null : known.gate(piece).orElse(null);
    if (gate == null || gate.stepNo() != request.stepNo() || gate.round() != request.round()) {
      throw ProblemException.conflict(
          "step.notNext",
          Map.of(
              "product",
              product,
              "wanted",
              gate == null ? "nothing" : word(gate.step(), gate.round()),
              "value",
              stepWord(known, piece, request)));
    }
    if (at.isBefore(piece.doneAt())) {
      throw ProblemException.conflict("step.before", Map.of("at", at, "since", piece.doneAt()));
    }
    if (at.isBefore(gate.earliest()) && request.earlyReason() == null) {
      throw ProblemException.conflict(
          "step.tooEarly",
          Map.of(
              "product", product,
              "step", word(gate.step(), gate.round()),
              "at", gate.earliest()));
    }
    return gate;
  }

  private static String stepWord(Ways.Known known, LivePiece piece, StepRequest request) {
    var steps = known.way(piece.routeId()).steps();
    return request.stepNo() < steps.size()
        ? word(steps.get(request.stepNo()).step(), request.round())
        : "step " + request.stepNo();
  }

  /** A station that would be overfull is refused, unless that is known. */
  private void refuseOverfull(
      StepRequest request, Ways.Known known, LivePiece first, Gate gate, Instant at, int count) {
    Stand goesTo = known.way(first.routeId()).standAfter(gate.stepNo(), gate.round(), at, at);
    Stand stands = known.stand(first, at);
    StationView station = stations.byCode().get(goesTo.station());
    if (station == null
        || goesTo.board() == Board.READY
        || station.code().equals(stands.station())
        || Boolean.TRUE.equals(request.overfull())) {
      return;
    }
    ShelfView seen = shelf.shelf();
    ShelfView.StationUse use =
        seen.stations().stream()
            .filter(s -> s.code().equals(station.code()))
            .findFirst()
            .orElseThrow();
    ShelfView.ShelfGroup group =
        seen.groups().stream()
            .filter(g -> g.pieceIds().contains(first.id()))
            .findFirst()
            .orElseThrow();
    double litres = group.litres() / group.pieces() * count;
    if (use.ofPieces() != null && use.pieces() + count > use.ofPieces()) {
      throw full(station, use.pieces() + count, "pieces", use.ofPieces());
    }
    if (use.ofLitres() != null && use.litres() + litres > use.ofLitres()) {
      throw full(station, use.litres() + litres, "litres", use.ofLitres());
    }
  }

  private static ProblemException full(
      StationView station, Number value, String what, Number most) {
    return ProblemException.conflict(
        "station.full",
        Map.of("station", station.name(), "value", value, "what", what, "most", most));
  }

  /** Scraps pieces with the reason, once for the key; gives the act. */
  public long scrap(@Nullable String key, List<Long> ids, String reason) {
    return acts.once(
        key,
        "scrap",
        () -> ledger.scrap(ids, reason, clock.instant().truncatedTo(ChronoUnit.MICROS)));
  }

  /** Takes an act back; castings that were taken out are in their moulds again. */
  public void undo(@Nullable String key, long actId) {
    acts.once(
        key,
        "undo-step",
        () -> {
          StepActView undone = ledger.undo(actId, clock.instant());
          if (undone.step() == StepKind.DEMOULD) {
            castings.unempty(
                pieces.byIds(undone.pieceIds()).stream()
                    .map(PieceView::castId)
                    .distinct()
                    .toList());
          }
          return actId;
        });
  }

  private static String word(StepKind step, int round) {
    String word = step.name().toLowerCase(Locale.ROOT);
    return round > 1 ? word + " " + round : word;
  }
}
