package ironshelf.cure;

import ironshelf.core.cure.Thinning;
import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Lets go of readings of more than a season ago that nothing's age depends on, a day of a place at
 * a time, so that years of readings stay quick to look at.
 */
@Component
class ReadingThinner {

  private static final Logger LOG = LoggerFactory.getLogger(ReadingThinner.class);

  /** What stands longer than that is looked at with what was left. */
  static final Duration SEASON = Duration.ofDays(120);

  private static final int MOST_DAYS_AT_ONCE = 400;

  private final ReadingRepository readings;
  private final ThinnedRepository thinned;
  private final TransactionOperations transaction;
  private final Clock clock;

  ReadingThinner(
      ReadingRepository readings,
      ThinnedRepository thinned,
      TransactionOperations transaction,
      Clock clock) {
    this.readings = readings;
    this.thinned = thinned;
    this.transaction = transaction;
    this.clock = clock;
  }

  /** Some hours after each start, and once a day. */
  @Scheduled(initialDelay = 7_200_000, fixedDelay = 86_400_000)
  void thin() {
    for (String place : readings.placesRead()) {
      int days = 0;
      while (days < MOST_DAYS_AT_ONCE
          && Boolean.TRUE.equals(transaction.execute(status -> nextDay(place)))) {
        days++;
      }
      if (days > 0) {
        LOG.info("Thinned {} days of readings at {}", days, place);
      }
    }
  }

  /** Whether there was one. */
  private boolean nextDay(String place) {
    Thinned done = thinned.findById(place).orElse(null);
    Instant from =
        done != null
            ? done.upTo()
            : readings.firstAt(place).map(at -> at.truncatedTo(ChronoUnit.DAYS)).orElse(null);
    Instant until = clock.instant().minus(SEASON);
    if (from == null || from.plus(1, ChronoUnit.DAYS).isAfter(until)) {
      return false;
    }
    Instant to = from.plus(1, ChronoUnit.DAYS);
    List<Reading> day = readings.findByPlaceAndReadAtBetweenOrderById(place, from, to);
    Set<ProbeReading> stay =
        new HashSet<>(
            Thinning.of(day.stream().map(Reading::reading).toList(), Temperatures.method()));
    readings.deleteAllInBatch(day.stream().filter(r -> !stay.contains(r.reading())).toList());
    if (done == null) {
      thinned.save(new Thinned(place, to));
    } else {
      done.goOn(to);
    }
    return true;
  }
}
