package ironshelf.shelf;

import static java.util.stream.Collectors.toMap;

import ironshelf.core.route.Board;
import ironshelf.core.route.Gate;
import ironshelf.core.route.Stand;
import ironshelf.http.problem.ProblemException;
import ironshelf.piece.LivePiece;
import ironshelf.pour.Ways;
import ironshelf.station.StationService;
import ironshelf.station.StationView;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Whether stations take what is to be brought to them. */
@Component
class StationRoom {

  private final StationService stations;
  private final ShelfService shelf;

  StationRoom(StationService stations, ShelfService shelf) {
    this.stations = stations;
    this.shelf = shelf;
  }

  /** Refuses pieces that a step would bring to a station that takes no more. */
  void refuseOverfull(List<LivePiece> pieces, Ways.Known known, Map<Long, Gate> gates, Instant at) {
    Map<String, StationView> byCode = stations.byCode();
    Map<String, Integer> more = new HashMap<>();
    Map<String, Double> moreLitres = new HashMap<>();
    Map<Long, Double> litresEach = new HashMap<>();
    ShelfView seen = null;
    for (LivePiece piece : pieces) {
      Gate gate = gates.get(piece.id());
      Stand goesTo = known.way(piece.routeId()).standAfter(gate.stepNo(), gate.round(), at, at);
      StationView station = byCode.get(goesTo.station());
      if (station == null
          || goesTo.board() == Board.READY
          || station.code().equals(known.stand(piece, at).station())) {
        continue;
      }
      if (seen == null) {
        seen = shelf.shelf();
        seen.groups()
            .forEach(g -> g.pieceIds().forEach(id -> litresEach.put(id, g.litres() / g.pieces())));
      }
      more.merge(station.code(), 1, Integer::sum);
      moreLitres.merge(station.code(), litresEach.getOrDefault(piece.id(), 0.0), Double::sum);
    }
    if (seen == null) {
      return;
    }
    Map<String, ShelfView.StationUse> uses =
        seen.stations().stream().collect(toMap(ShelfView.StationUse::code, use -> use));
    for (String code : more.keySet()) {
      refuse(byCode.get(code), uses.get(code), more.get(code), moreLitres.get(code));
    }
  }

  private static void refuse(
      StationView station, ShelfView.StationUse use, int pieces, double litres) {
    if (use.ofPieces() != null && use.pieces() + pieces > use.ofPieces()) {
      throw full(station, use.pieces() + pieces, "pieces", use.ofPieces());
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
}
