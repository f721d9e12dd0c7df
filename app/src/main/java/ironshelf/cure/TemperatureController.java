package ironshelf.cure;

import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.core.cure.temperature.UsualDay;
import ironshelf.core.quantity.Findings;
import ironshelf.station.StationService;
import ironshelf.station.StationView;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Temperatures of the shop's places. */
@RestController
class TemperatureController {

  private static final Duration SHOWN = Duration.ofDays(2);

  /** What a probe, or a person with a thermometer, says; at most 10 000 at a time. */
  record ReadingsRequest(List<ProbeReading> readings) {
    ReadingsRequest {
      new Findings().list("readings", readings, 10_000).orRefuse();
    }
  }

  private final Temperatures temperatures;
  private final StationService stations;
  private final Clock clock;

  TemperatureController(Temperatures temperatures, StationService stations, Clock clock) {
    this.temperatures = temperatures;
    this.stations = stations;
    this.clock = clock;
  }

  @GetMapping("/api/temperatures")
  List<TemperatureView> temperatures() {
    Instant now = clock.instant();
    Temperatures.Snapshot snapshot = temperatures.snapshot();
    Map<String, StationView> byCode = stations.byCode();
    return temperatures.places().stream()
        .map(
            place -> {
              List<ProbeReading> said = temperatures.said(place, now.minus(SHOWN), now);
              ProbeReading last = said.isEmpty() ? null : said.get(said.size() - 1);
              UsualDay usual = snapshot.usualDays().get(place);
              boolean silent = last == null || temperatures.silentSince(place) != null;
              StationView station = byCode.get(place);
              return new TemperatureView(
                  place,
                  station == null ? "Room" : station.name(),
                  silent || last == null ? usual.celsiusAt(now) : last.celsius(),
                  last == null ? temperatures.lastAt(place) : last.at(),
                  silent,
                  usual.hourlyC(),
                  said);
            })
        .toList();
  }

  @PostMapping("/api/temperatures/{place}/readings")
  List<TemperatureView> keep(@PathVariable String place, @RequestBody ReadingsRequest request) {
    temperatures.keep(place, request.readings());
    return temperatures();
  }
}
