package ironshelf.cure;

import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.standin.TemperatureProbe;
import ironshelf.workshop.ClockMoved;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Asks the probes every few minutes and keeps what they say; a failing one is asked again. */
@Component
public class ProbeCollector {

  private static final Duration EVERY = Duration.ofMinutes(10);

  private final TemperatureProbe probes;
  private final Temperatures temperatures;
  private final Clock clock;

  ProbeCollector(TemperatureProbe probes, Temperatures temperatures, Clock clock) {
    this.probes = probes;
    this.temperatures = temperatures;
    this.clock = clock;
  }

  @Scheduled(initialDelay = 5_000, fixedDelay = 60_000)
  void ask() {
    Instant now = clock.instant().truncatedTo(ChronoUnit.SECONDS);
    for (String place : probes.places()) {
      Instant last = temperatures.lastAt(place);
      if (last == null || !last.plus(EVERY).isAfter(now)) {
        collect(place, now, now);
      }
    }
  }

  @EventListener
  void makeUp(ClockMoved moved) {
    collect(moved.from(), moved.to());
  }

  /** What all probes say between two moments, the second one included. */
  public void collect(Instant from, Instant to) {
    probes.places().forEach(place -> collect(place, from.plus(EVERY), to));
  }

  private void collect(String place, Instant first, Instant last) {
    List<ProbeReading> said = new ArrayList<>();
    Instant at = first.isBefore(last) ? first : last;
    while (!at.isAfter(last)) {
      Instant asked = at;
      probes.read(place, at).ifPresent(c -> said.add(new ProbeReading(asked, c)));
      at = at.isBefore(last) && at.plus(EVERY).isAfter(last) ? last : at.plus(EVERY);
    }
    if (!said.isEmpty()) {
      temperatures.keep(place, said);
    }
  }
}
