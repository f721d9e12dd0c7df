package ironshelf.shelf;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.toSet;

import ironshelf.act.ActService;
import ironshelf.copy.CastService;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Gate;
import ironshelf.core.route.Route;
import ironshelf.core.route.StepKind;
import ironshelf.http.problem.ProblemException;
import ironshelf.material.consumption.StepStock;
import ironshelf.piece.Grade;
import ironshelf.piece.LivePiece;
import ironshelf.piece.OnScale;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.piece.StepActView;
import ironshelf.piece.StepDone;
import ironshelf.piece.StepLedger;
import ironshelf.pour.PourReader;
import ironshelf.pour.Ways;
import ironshelf.product.StepMaterials;
import ironshelf.product.Target;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
  private final PourReader pours;
  private final InMould inMould;
  private final Ways ways;
  private final DueStep due;
  private final StationRoom room;
  private final Joins joins;
  private final StepMaterials materials;
  private final StepStock stock;
  private final Clock clock;
  private final PieceAges ages;

  StepService(
      ActService acts,
      PieceService pieces,
      StepLedger ledger,
      CastService castings,
      PourReader pours,
      InMould inMould,
      Ways ways,
      DueStep due,
      StationRoom room,
      Joins joins,
      StepMaterials materials,
      StepStock stock,
      Clock clock,
      PieceAges ages) {
    this.acts = acts;
    this.pieces = pieces;
    this.ledger = ledger;
    this.castings = castings;
    this.pours = pours;
    this.inMould = inMould;
    this.ways = ways;
    this.due = due;
    this.room = room;
    this.joins = joins;
    this.materials = materials;
    this.stock = stock;
    this.clock = clock;
    this.ages = ages;
  }

  /** Does what comes next to pieces, all or none, once for the key; gives the act. */
  public long step(String key, StepRequest request) {
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
    Map<Long, StepRequest.StepPiece> asked = new LinkedHashMap<>();
    request.pieces().forEach(p -> asked.put(requireNonNull(p.id()), p));
    List<LivePiece> live = standing(asked.keySet());
    Ways.Known known = ways.known();
    Map<Long, Gate> gates = new HashMap<>();
    Map<Long, OnScale> scale = new HashMap<>();
    OnScale together = request.together();
    for (LivePiece piece : live) {
      StepRequest.StepPiece own = asked.get(piece.id());
      gates.put(piece.id(), due.gate(piece, known, request, own, at));
      if (own.massKg() != null) {
        scale.put(piece.id(), OnScale.alone(own.massKg()));
      } else if (together != null) {
        scale.put(piece.id(), together);
      }
    }
    StepKind kind = due.oneKind(gates.values());
    if (!Boolean.TRUE.equals(request.overfull())) {
      room.refuseOverfull(live, known, gates, at);
    }
    if (kind.has(Effect.GRADES) && !Boolean.TRUE.equals(request.leftOut())) {
      grade(live, asked, request, known);
    }
    Map<Long, StepDone.Place> places = new HashMap<>();
    gates.forEach((id, gate) -> places.put(id, new StepDone.Place(gate.stepNo(), gate.round())));
    Set<Long> ready =
        live.stream()
            .filter(p -> ends(known.way(p.routeId()), gates.get(p.id())))
            .map(LivePiece::id)
            .collect(toSet());
    long act =
        ledger.done(
            new StepDone(
                kind.code(),
                at.truncatedTo(ChronoUnit.MICROS),
                request.earlyReason(),
                request.note(),
                Boolean.TRUE.equals(request.leftOut()),
                null),
            live,
            scale,
            places,
            ready);
    for (LivePiece piece : live) {
      Gate gate = gates.get(piece.id());
      if (gate.round() == 1) {
        joins.take(piece, known.way(piece.routeId()).steps().get(gate.stepNo()), known);
      }
    }
    if (!Boolean.TRUE.equals(request.leftOut())) {
      stock.take(act, takes(live, gates, known), at.truncatedTo(ChronoUnit.MICROS));
    }
    if (!ready.isEmpty()) {
      ages.keepReady(ready, known, at);
    }
    return act;
  }

  /** As a person says; where nobody does, by what it is sold by: off its tolerance is a second. */
  private void grade(
      List<LivePiece> live,
      Map<Long, StepRequest.StepPiece> asked,
      StepRequest request,
      Ways.Known known) {
    Map<Long, BigDecimal> massKg = new HashMap<>();
    pieces
        .byIds(live.stream().map(LivePiece::id).toList())
        .forEach(p -> massKg.put(p.id(), p.massKg()));
    for (LivePiece piece : live) {
      Grade said = request.grade();
      Double now = requireNonNull(asked.get(piece.id())).massKg();
      BigDecimal before = massKg.get(piece.id());
      Double kg = now != null ? now : before == null ? null : Double.valueOf(before.doubleValue());
      ledger.grade(
          piece.id(),
          said != null ? said : byMass(known.products().get(piece.productId()).target(), kg));
    }
  }

  private static Grade byMass(@Nullable Target target, @Nullable Double kg) {
    boolean off =
        target != null
            && kg != null
            && target.toleranceKg() > 0
            && Math.abs(kg - target.massKg()) > target.toleranceKg();
    return off ? Grade.SECOND : Grade.FIRST;
  }

  /** What each piece takes of each material. */
  private Map<Long, Map<Long, Double>> takes(
      List<LivePiece> live, Map<Long, Gate> gates, Ways.Known known) {
    Map<Long, Map<Long, Double>> takes = new LinkedHashMap<>();
    for (LivePiece piece : live) {
      Gate gate = gates.get(piece.id());
      Map<Long, Double> own =
          materials.of(
              known.products().get(piece.productId()),
              piece.colourwayId(),
              known.way(piece.routeId()),
              gate.stepNo(),
              gate.round());
      if (!own.isEmpty()) {
        takes.put(piece.id(), own);
      }
    }
    return takes;
  }

  private static boolean ends(Route way, Gate gate) {
    return way.endsWith(gate.stepNo(), gate.round());
  }

  /** The pieces as they stand, in their moulds or out; refused where one is neither. */
  private List<LivePiece> standing(Set<Long> ids) {
    List<LivePiece> live = new ArrayList<>(pieces.live(ids));
    Set<Long> missing = new LinkedHashSet<>(ids);
    live.forEach(p -> missing.remove(p.id()));
    if (!missing.isEmpty()) {
      List<Long> casts =
          pieces.byIds(missing).stream()
              .filter(p -> p.demouldedAt() == null)
              .map(PieceView::castId)
              .distinct()
              .toList();
      inMould.live(pours.facts(casts).values()).stream()
          .filter(p -> missing.remove(p.id()))
          .forEach(live::add);
    }
    if (!missing.isEmpty()) {
      throw ProblemException.conflict("piece.notSound", Map.of("piece", missing.iterator().next()));
    }
    return live;
  }

  /** Scraps pieces with the reason, once for the key; gives the act. */
  public long scrap(String key, List<Long> ids, String reason) {
    return acts.once(
        key,
        "scrap",
        () -> ledger.scrap(ids, reason, clock.instant().truncatedTo(ChronoUnit.MICROS)));
  }

  /** Takes an act back; castings that were taken out are in their moulds again. */
  public void undo(String key, long actId) {
    acts.once(
        key,
        "undo-step",
        () -> {
          StepActView undone = ledger.undo(actId, clock.instant());
          stock.giveBack(actId, clock.instant().truncatedTo(ChronoUnit.MICROS));
          if (undone.freed()) {
            castings.unempty(
                pieces.byIds(undone.pieceIds()).stream()
                    .map(PieceView::castId)
                    .distinct()
                    .toList());
          }
          return actId;
        });
  }
}
