package ironshelf.core.next;

import java.time.LocalTime;
import java.time.ZonedDateTime;

/** What somebody means who says a time of day. */
public final class ClockTimes {

  private ClockTimes() {}

  /**
   * Returns when a clock shows a time next: today, or tomorrow where it has shown it already. A
   * time that a change of the clocks leaves out is as much later as they go forward.
   */
  public static ZonedDateTime next(LocalTime time, ZonedDateTime now) {
    ZonedDateTime today = now.with(time);
    return today.isAfter(now) ? today : now.plusDays(1).with(time);
  }
}
