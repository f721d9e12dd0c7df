package ironshelf.backup;

import ironshelf.folder.Manifest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * A backup a day, on the days on which the shop is open at all: a machine that sleeps makes none.
 */
@Component
class DailyBackup {

  private static final Logger LOG = LoggerFactory.getLogger(DailyBackup.class);
  private static final Duration EVERY = Duration.ofHours(24);
  private static final long LOOKS_MS = 600_000;

  /** Not while a new shop is being founded and everybody waits. */
  private static final long FIRST_LOOK_MS = 120_000;

  private final Backups backups;
  private final Clock clock;
  private final boolean wanted;

  DailyBackup(Backups backups, Clock clock, @Value("${ironshelf.daily-backups}") boolean wanted) {
    this.backups = backups;
    this.clock = clock;
    this.wanted = wanted;
  }

  @Scheduled(initialDelay = FIRST_LOOK_MS, fixedDelay = LOOKS_MS)
  void look() {
    if (!wanted) {
      return;
    }
    try {
      Instant last = backups.lastGoodAt();
      // One from a time that has not come yet was made before the clock was put back.
      if (last == null
          || last.isBefore(clock.instant().minus(EVERY))
          || last.isAfter(clock.instant().plus(EVERY))) {
        backups.make(Manifest.Reason.DAILY);
      }
    } catch (RuntimeException e) {
      LOG.error("No backup was made; another try follows", e);
    }
  }
}
