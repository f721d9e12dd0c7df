package ironshelf.plan.basis;

import ironshelf.core.cure.Stay;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Route;
import ironshelf.cure.Temperatures;
import ironshelf.station.StationView;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Where a casting will stand until it is taken out: in the room, but for what its route warms it.
 *
 * @param warm codes of the stations that castings in their moulds are brought to
 */
record InMouldStays(Set<String> warm) {

  static InMouldStays of(List<StationView> stations) {
    Set<String> warm = new HashSet<>();
    stations.stream().filter(StationView::warm).forEach(s -> warm.add(s.code()));
    return new InMouldStays(warm);
  }

  /** Stays of a casting poured at a moment, if each thing is done as soon as it may be. */
  List<Stay> from(Instant pouredAt, Route route) {
    List<Stay> stays = new ArrayList<>(List.of(new Stay(Temperatures.ROOM, pouredAt)));
    double afterH = 0;
    for (int i = 1; i < route.demouldNo(); i++) {
      boolean sets = route.kind(i).has(Effect.SETS);
      String station = route.steps().get(i).station();
      if (station != null && warm.contains(station)) {
        stays.add(new Stay(station, later(pouredAt, afterH)));
        // Setting goes on where it began until the piece is out.
        if (!sets) {
          stays.add(new Stay(Temperatures.ROOM, later(pouredAt, afterH + route.waitH(i))));
        }
      }
      afterH += sets ? 0 : route.waitH(i);
    }
    return List.copyOf(stays);
  }

  private static Instant later(Instant from, double hours) {
    return from.plusSeconds(Math.round(hours * 3_600));
  }
}
