package ironshelf;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;

/**
 * The time of tests: a Monday morning on which each run begins, so that a plan, a date and a season
 * come out alike whatever day it is. It goes on as time does.
 */
final class TestDay {

  private static final LocalDateTime BEGIN = LocalDateTime.parse("2027-03-01T09:00:00");

  /** Shared by the processes of a run; the build tells when that began. */
  private static final String RUN = System.getProperty("ironshelf.began");

  private static final DateTimeFormatter AS_BUILT = DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss");

  private static final InstantSource SOURCE = source(began());

  private TestDay() {}

  static InstantSource source() {
    return SOURCE;
  }

  private static InstantSource source(Instant began) {
    Duration ahead = Duration.between(began, BEGIN.atZone(ZoneId.systemDefault()).toInstant());
    // No Clock: applications have one of those, and only one.
    return () -> Instant.now().plus(ahead);
  }

  private static Instant began() {
    return RUN == null
        ? Instant.now()
        : LocalDateTime.parse(RUN, AS_BUILT).toInstant(ZoneOffset.UTC);
  }
}
