package ironshelf.station;

import ironshelf.http.IfMatch;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

@RestController
class StationController {

  private final StationService stations;

  StationController(StationService stations) {
    this.stations = stations;
  }

  @GetMapping("/api/stations")
  List<StationView> stations() {
    return stations.all();
  }

  @PutMapping("/api/stations/{id}")
  StationView change(
      @PathVariable long id,
      @RequestHeader(name = "If-Match", required = false) @Nullable String ifMatch,
      @RequestBody StationChange to) {
    return stations.change(id, IfMatch.version(ifMatch), to);
  }
}
