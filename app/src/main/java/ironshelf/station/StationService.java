package ironshelf.station;

import ironshelf.http.problem.ProblemException;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's stations. */
@Service
@Transactional
public class StationService {

  private final StationRepository stations;

  private final CachedRead<List<StationView>> all;

  StationService(StationRepository stations, TableVersions changes) {
    this.stations = stations;
    this.all =
        changes.keep(
            () -> stations.findAllByOrderById().stream().map(Station::view).toList(), "stations");
  }

  @Transactional(readOnly = true)
  public List<StationView> all() {
    return all.get();
  }

  @Transactional(readOnly = true)
  public Map<String, StationView> byCode() {
    Map<String, StationView> byCode = new LinkedHashMap<>();
    all().forEach(s -> byCode.put(s.code(), s));
    return byCode;
  }

  public StationView change(long id, long seenVersion, StationChange to) {
    Station station =
        stations.findById(id).orElseThrow(() -> ProblemException.unknown("station", id));
    if (station.version() != seenVersion) {
      throw ProblemException.stale();
    }
    station.change(to);
    return stations.saveAndFlush(station).view();
  }
}
