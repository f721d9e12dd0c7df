package ironshelf.shelf;

import static java.util.stream.Collectors.toMap;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.route.Board;
import ironshelf.core.route.Stand;
import ironshelf.cure.Temperatures;
import ironshelf.http.problem.Catalogue;
import ironshelf.pour.Ways;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * What groups on the shelf are warned of by what is around them: a probe that has gone silent, a
 * station that has no room for them, the time that closes in which their step is easy.
 */
@Component
class GroupWarnings {

  /** So long before it closes there is time to act, and not much. */
  static final Duration CLOSING = Duration.ofHours(2);

  private final Ways ways;
  private final Temperatures temperatures;
  private final Catalogue catalogue;

  GroupWarnings(Ways ways, Temperatures temperatures, Catalogue catalogue) {
    this.ways = ways;
    this.temperatures = temperatures;
    this.catalogue = catalogue;
  }

  /** The groups with these warnings beside those that they have. */
  List<ShelfView.ShelfGroup> beside(
      List<ShelfView.ShelfGroup> groups, List<ShelfView.StationUse> uses, Instant now) {
    Ways.Known known = ways.known();
    Map<String, ShelfView.StationUse> byCode =
        uses.stream().collect(toMap(ShelfView.StationUse::code, use -> use));
    Map<String, Optional<Instant>> silent = new HashMap<>();
    return groups.stream()
        .map(
            g -> {
              List<Finding> found = new ArrayList<>();
              silent(g, now, silent).ifPresent(found::add);
              closing(g, now).ifPresent(found::add);
              noRoom(g, known, byCode, now).ifPresent(found::add);
              return g.with(catalogue.views(found));
            })
        .toList();
  }

  /** Only what still gains its strength is timed by the probe beside it. */
  private Optional<Finding> silent(
      ShelfView.ShelfGroup group, Instant now, Map<String, Optional<Instant>> silent) {
    if (group.place() == null || isDue(group, now)) {
      return Optional.empty();
    }
    return silent
        .computeIfAbsent(
            group.place(), place -> Optional.ofNullable(temperatures.silentSince(place)))
        .map(since -> Finding.of(FindingCode.CURE_SILENT, Map.of("at", since)));
  }

  private static Optional<Finding> closing(ShelfView.ShelfGroup group, Instant now) {
    Instant until = group.bestUntil();
    return until == null
            || !isDue(group, now)
            || until.isBefore(now)
            || until.isAfter(now.plus(CLOSING))
        ? Optional.empty()
        : Optional.of(Finding.of(FindingCode.GREEN_CLOSING, Map.of("at", until)));
  }

  private static Optional<Finding> noRoom(
      ShelfView.ShelfGroup group,
      Ways.Known known,
      Map<String, ShelfView.StationUse> uses,
      Instant now) {
    if (!isDue(group, now) || group.next() != null || group.board() == Board.READY) {
      return Optional.empty();
    }
    Stand goesTo = known.way(group.routeId()).standAfter(group.stepNo(), group.round(), now, now);
    ShelfView.StationUse use = uses.get(goesTo.station() == null ? "" : goesTo.station());
    if (use == null || use.code().equals(group.station()) || goesTo.board() == Board.READY) {
      return Optional.empty();
    }
    if (use.ofPieces() != null && use.pieces() + group.pieces() > use.ofPieces()) {
      return full(use, use.pieces(), "pieces", use.ofPieces());
    }
    if (use.ofLitres() != null && use.litres() + group.litres() > use.ofLitres()) {
      return full(use, use.litres(), "litres", use.ofLitres());
    }
    return Optional.empty();
  }

  private static Optional<Finding> full(
      ShelfView.StationUse use, Number holds, String what, Number most) {
    return Optional.of(
        Finding.of(
            FindingCode.STATION_NO_ROOM,
            Map.of("station", use.name(), "value", holds, "what", what, "most", most)));
  }

  private static boolean isDue(ShelfView.ShelfGroup group, Instant now) {
    return group.gateAt() != null && !group.gateAt().isAfter(now);
  }
}
