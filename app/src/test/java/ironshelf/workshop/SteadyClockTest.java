package ironshelf.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

/** A machine's clock that is set by hand, and the time that the shop goes by meanwhile. */
class SteadyClockTest {

  private static final Instant NINE = Instant.parse("2026-03-02T09:00:00Z");

  private Instant wall = NINE;
  private long nanos;

  private final SteadyClock clock =
      new SteadyClock(
          new Clock() {
            @Override
            public ZoneId getZone() {
              return ZoneOffset.UTC;
            }

            @Override
            public Clock withZone(ZoneId zone) {
              return this;
            }

            @Override
            public Instant instant() {
              return wall;
            }
          },
          () -> nanos);

  private void goesBy(Duration time) {
    wall = wall.plus(time);
    nanos += time.toNanos();
  }

  @Test
  void itIsTheMachinesAsARule() {
    goesBy(Duration.ofMinutes(7));
    assertThat(clock.instant()).isEqualTo("2026-03-02T09:07:00Z");
    assertThat(clock.behind()).isZero();
  }

  @Test
  void setBackItGoesOnEvenlyUntilTheMachineHasCaughtUp() {
    clock.instant();
    goesBy(Duration.ofMinutes(10));
    wall = wall.minus(Duration.ofHours(3));
    assertThat(clock.instant()).isEqualTo("2026-03-02T09:10:00Z");
    goesBy(Duration.ofMinutes(20));
    assertThat(clock.instant()).isEqualTo("2026-03-02T09:30:00Z");
    assertThat(clock.behind()).isEqualTo(Duration.ofHours(3));
    // Somebody sets it right.
    wall = wall.plus(Duration.ofHours(3));
    goesBy(Duration.ofMinutes(1));
    assertThat(clock.instant()).isEqualTo("2026-03-02T09:31:00Z");
    assertThat(clock.behind()).isZero();
  }

  @Test
  void aClockThatWasFarAheadIsFollowedBack() {
    wall = NINE.plus(Duration.ofDays(400));
    clock.instant();
    wall = NINE.plusSeconds(60);
    assertThat(clock.instant()).isEqualTo("2026-03-02T09:01:00Z");
    assertThat(clock.behind()).isZero();
  }

  @Test
  void aServerOfTimeDoesNotTurnFactsRound() {
    Instant before = clock.instant();
    wall = wall.minusMillis(400);
    assertThat(clock.instant()).isEqualTo(before);
    assertThat(clock.behind()).isZero();
  }

  @Test
  void aMachineThatSleptIsFollowedAhead() {
    clock.instant();
    wall = wall.plus(Duration.ofHours(9));
    assertThat(clock.instant()).isEqualTo("2026-03-02T18:00:00Z");
  }

  @Test
  void whatIsKnownToHaveHappenedIsNotAfterNow() {
    clock.isNotBefore(NINE.plus(Duration.ofHours(2)));
    goesBy(Duration.ofMinutes(5));
    assertThat(clock.instant()).isEqualTo("2026-03-02T11:05:00Z");
    assertThat(clock.behind()).isEqualTo(Duration.ofHours(2));
  }
}
