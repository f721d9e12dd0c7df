package ironshelf.shelf;

import static java.util.stream.Collectors.toMap;

import ironshelf.core.cure.Stay;
import ironshelf.core.route.Route;
import ironshelf.cure.CureService;
import ironshelf.cure.Temperatures;
import ironshelf.piece.PieceService;
import ironshelf.piece.PieceView;
import ironshelf.piece.StepLedger;
import ironshelf.pour.PourReader;
import ironshelf.pour.Ways;
import ironshelf.pour.record.PourFacts;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Where pieces stood all their time, and how old that made them. */
@Component
public class PieceAges {

  private final PieceService pieces;
  private final StepLedger ledger;
  private final PourReader pours;
  private final CureService cure;

  PieceAges(PieceService pieces, StepLedger ledger, PourReader pours, CureService cure) {
    this.pieces = pieces;
    this.ledger = ledger;
    this.pours = pours;
    this.cure = cure;
  }

  /** Keeps the age of pieces whose route ended then, by all that was read while they aged. */
  void keepReady(Collection<Long> pieceIds, Ways.Known ways, Instant at) {
    List<PieceView> ready = pieces.byIds(pieceIds);
    Map<Long, PourFacts> facts =
        pours.facts(ready.stream().map(PieceView::castId).distinct().toList());
    // Pieces of one casting that stood in the same places are of one age.
    Map<List<Stay>, Double> known = new HashMap<>();
    ledger.keepAges(
        ready.stream()
            .filter(p -> facts.containsKey(p.castId()))
            .collect(
                toMap(
                    PieceView::id,
                    p ->
                        known.computeIfAbsent(
                            stays(
                                facts.get(p.castId()),
                                ways.way(p.routeId()),
                                ledger.history(p.id())),
                            stays -> cure.ageH(stays, at)))));
  }

  /** In its mould, then where its steps left it. */
  public List<Stay> stays(PourFacts facts, Route route, List<StepLedger.PieceDone> history) {
    List<Stay> stays = new ArrayList<>(facts.stays());
    for (StepLedger.PieceDone done : history) {
      boolean inMould = done.act().stepNo() < route.demouldNo();
      if (done.act().step() != null && !inMould) {
        Instant at = done.act().doneAt();
        String station =
            route.standAfter(done.act().stepNo(), done.act().round(), at, at).station();
        stays.add(new Stay(station == null ? Temperatures.ROOM : station, at));
      }
    }
    return List.copyOf(stays);
  }
}
