package ironshelf.standin;

import ironshelf.workshop.WorkshopService;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.HashSet;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The stand-in: a room that swings through the day, a bath that follows it lazily, a tent with a
 * heater. A night can be made cold, a probe can fail, the heater can be set. What it says of a
 * moment is the same each time it is asked. A real shop does not have them.
 */
@Component
public class SimulatedProbes implements TemperatureProbe {

  static final String ROOM = "room";
  private static final String BATH = "bath";
  private static final String TENT = "tent";

  private static final double MEAN_C = 20;
  private static final double SWING_C = 2.5;
  private static final double WARMEST_HOUR = 15;
  private static final double NOISE_C = 0.15;
  private static final double COLD_C = 7;
  private static final double COOLS_H = 3;

  private final Clock clock;
  private final WorkshopService workshop;
  private final Set<String> failed = new HashSet<>();
  private double heaterC = 30;
  private @Nullable Instant coldFrom;
  private @Nullable Instant coldTo;

  SimulatedProbes(Clock clock, WorkshopService workshop) {
    this.clock = clock;
    this.workshop = workshop;
  }

  @Override
  public Set<String> places() {
    return workshop.view().demo() ? Set.of(ROOM, BATH, TENT) : Set.of();
  }

  @Override
  public synchronized OptionalDouble read(String place, Instant at) {
    if (failed.contains(place)) {
      return OptionalDouble.empty();
    }
    double noise = new Random(at.getEpochSecond() * 31 + place.hashCode()).nextGaussian() * NOISE_C;
    double celsius =
        switch (place) {
          case BATH -> MEAN_C - 1 + (roomC(at.minus(Duration.ofHours(4))) - MEAN_C) * 0.4;
          case TENT -> Math.max(heaterC, roomC(at));
          default -> roomC(at);
        };
    return OptionalDouble.of(Math.round((celsius + noise) * 10) / 10.0);
  }

  private double roomC(Instant at) {
    ZonedDateTime local = at.atZone(clock.getZone());
    double hour = local.getHour() + local.getMinute() / 60.0;
    double usual = MEAN_C + SWING_C * Math.cos((hour - WARMEST_HOUR) / 24 * 2 * Math.PI);
    if (coldFrom == null || coldTo == null || at.isBefore(coldFrom) || at.isAfter(coldTo)) {
      return usual;
    }
    double in = Duration.between(coldFrom, at).toMinutes() / 60.0;
    double out = Duration.between(at, coldTo).toMinutes() / 60.0;
    double how = Math.min(1, Math.min(in, out) / COOLS_H);
    return usual + (COLD_C - usual) * how;
  }

  /** Makes the next so many hours cold. */
  public synchronized void cold(double hours) {
    coldFrom = clock.instant();
    coldTo = coldFrom.plus(Duration.ofMinutes(Math.round(hours * 60)));
  }

  public synchronized void heater(double celsius) {
    heaterC = celsius;
  }

  public synchronized void fail(String place, boolean fails) {
    if (fails) {
      failed.add(place);
    } else {
      failed.remove(place);
    }
  }
}
