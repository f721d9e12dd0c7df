package ironshelf.station;

import ironshelf.http.SeenVersion;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
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
  StationView change(@PathVariable long id, @SeenVersion long seen, @RequestBody StationChange to) {
    return stations.change(id, seen, to);
  }
}
