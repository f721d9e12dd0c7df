package ironshelf.workshop;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.function.LongSupplier;

/**
 * The machine's clock, made to go on evenly where that is set back: times of facts stay in the
 * order in which they happened, and stays and waits keep their length. It goes by the machine's
 * clock again once that has caught up, and follows it at once where it is set back by more than
 * {@link #MOST}, since then it was wrong before. A clock that is set ahead is followed: a machine
 * that slept looks the same.
 */
final class SteadyClock extends Clock {

  /** Any change of zone by hand, with an hour for summer time. */
  static final Duration MOST = Duration.ofHours(26);

  /** What servers of time correct by is no setting back. */
  private static final Duration SLIGHT = Duration.ofSeconds(2);

  private final Clock machine;
  private final Steps steps;

  /**
   * @param machine the wall clock
   * @param nanos a counter that nobody sets, in nanoseconds
   */
  SteadyClock(Clock machine, LongSupplier nanos) {
    this(machine, new Steps(nanos, machine.instant()));
  }

  private SteadyClock(Clock machine, Steps steps) {
    this.machine = machine;
    this.steps = steps;
  }

  @Override
  public ZoneId getZone() {
    return machine.getZone();
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return new SteadyClock(machine.withZone(zone), steps);
  }

  @Override
  public Instant instant() {
    return steps.next(machine);
  }

  /** By how much the machine's clock is behind what is gone by; nought as a rule. */
  Duration behind() {
    return steps.behind();
  }

  /** It is at least that late: something is known to have happened then. */
  void isNotBefore(Instant moment) {
    steps.isNotBefore(moment);
  }

  /** What was told last, and by how much that is ahead of the machine. */
  private static final class Steps {
    private final LongSupplier nanos;
    private Instant told;
    private long toldAt;
    private Duration behind = Duration.ZERO;

    Steps(LongSupplier nanos, Instant now) {
      this.nanos = nanos;
      this.told = now;
      this.toldAt = nanos.getAsLong();
    }

    synchronized Duration behind() {
      return behind;
    }

    synchronized void isNotBefore(Instant moment) {
      if (told.isBefore(moment)) {
        told = moment;
      }
    }

    synchronized Instant next(Clock machine) {
      Instant wall = machine.instant();
      long now = nanos.getAsLong();
      Instant even = told.plusNanos(now - toldAt);
      Instant next = wall;
      if (wall.isBefore(told.minus(SLIGHT)) && Duration.between(wall, even).compareTo(MOST) <= 0) {
        next = even;
        behind = Duration.between(wall, even);
      } else {
        behind = Duration.ZERO;
        if (wall.isBefore(told) && !wall.isBefore(told.minus(SLIGHT))) {
          next = told;
        }
      }
      told = next;
      toldAt = now;
      return next;
    }
  }
}
