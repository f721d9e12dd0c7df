package ironshelf.shelf;

import static java.util.stream.Collectors.groupingBy;

import ironshelf.copy.CastService;
import ironshelf.copy.DirtyCopy;
import ironshelf.core.route.Board;
import ironshelf.mould.DrawnMould;
import ironshelf.mould.MouldService;
import ironshelf.station.StationService;
import ironshelf.workshop.WorkshopService;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads the shelf from the facts. */
@Service
@Transactional(readOnly = true)
public class ShelfService {

  private final WorkshopService workshop;
  private final StationService stations;
  private final MouldService moulds;
  private final CastService castings;
  private final InMould inMould;
  private final OutOfMould outOfMould;
  private final GroupWarnings warnings;
  private final Clock clock;

  ShelfService(
      WorkshopService workshop,
      StationService stations,
      MouldService moulds,
      CastService castings,
      InMould inMould,
      OutOfMould outOfMould,
      GroupWarnings warnings,
      Clock clock) {
    this.workshop = workshop;
    this.stations = stations;
    this.moulds = moulds;
    this.castings = castings;
    this.inMould = inMould;
    this.outOfMould = outOfMould;
    this.warnings = warnings;
    this.clock = clock;
  }

  public ShelfView shelf() {
    Instant now = clock.instant();
    Map<Long, DrawnMould> all = moulds.drawn();
    List<ShelfView.ShelfGroup> groups = new ArrayList<>(inMould.groups(all));
    int held = groups.stream().mapToInt(g -> g.casts().size()).sum();
    groups.addAll(outOfMould.groups(all, now));
    List<ShelfView.StationUse> uses = use(groups);
    return new ShelfView(
        now,
        castings.copiesInUse(),
        held,
        workshop.view().roomC(),
        uses,
        groups.stream()
            .map(ShelfView.ShelfGroup::mouldId)
            .distinct()
            .map(id -> new ShelfView.ShelfShape(id, all.get(id).section()))
            .toList(),
        warnings.beside(groups, uses, now),
        castings.dirty().stream()
            .map(
                c ->
                    new ShelfView.ToWash(
                        c.id(),
                        c.code(),
                        c.mouldId(),
                        all.get(c.mouldId()).name(),
                        c.since(),
                        DirtyCopy.WASH_MIN))
            .toList());
  }

  /** What each station holds. */
  private List<ShelfView.StationUse> use(List<ShelfView.ShelfGroup> groups) {
    Map<String, List<ShelfView.ShelfGroup>> byStation =
        groups.stream()
            .filter(g -> g.station() != null && g.board() != Board.READY)
            .collect(groupingBy(ShelfView.ShelfGroup::station));
    return stations.all().stream()
        .map(
            s -> {
              List<ShelfView.ShelfGroup> own = byStation.getOrDefault(s.code(), List.of());
              return new ShelfView.StationUse(
                  s.code(),
                  s.name(),
                  own.stream().mapToInt(ShelfView.ShelfGroup::pieces).sum(),
                  s.pieces(),
                  own.stream().mapToDouble(ShelfView.ShelfGroup::litres).sum(),
                  s.litres());
            })
        .toList();
  }
}
