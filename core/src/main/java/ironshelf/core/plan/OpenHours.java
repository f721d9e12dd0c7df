package ironshelf.core.plan;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * When people are in the shop.
 *
 * @param days at least one
 * @param closes after it opens, the same day
 * @param closed days on which nobody is in
 */
public record OpenHours(
    List<DayOfWeek> days, LocalTime opens, LocalTime closes, List<LocalDate> closed) {

  /** A shop that is closed for longer is given up. */
  private static final int MOST_DAYS_SHUT = 400;

  public OpenHours {
    closed = closed == null ? List.of() : List.copyOf(closed);
    new Findings()
        .list("days", days, 7)
        .present("opens", opens)
        .present("closes", closes)
        .addIf(
            opens != null && closes != null && !closes.isAfter(opens),
            FindingCode.HOURS_TURNED,
            "closes",
            Map.of("value", String.valueOf(closes), "opens", String.valueOf(opens)))
        .orRefuse();
    days = List.copyOf(days);
  }

  /** Minutes of work that a day gives. */
  public long minutesADay() {
    return java.time.Duration.between(opens, closes).toMinutes();
  }

  boolean isOpenOn(LocalDate date) {
    return Set.copyOf(days).contains(date.getDayOfWeek()) && !closed.contains(date);
  }

  /**
   * The first moment from there on at which work of that length can begin and end the same day.
   *
   * @param minutes up to {@link #minutesADay()}
   */
  LocalDateTime from(LocalDateTime earliest, long minutes) {
    LocalDate date = earliest.toLocalDate();
    for (int i = 0; i < MOST_DAYS_SHUT; i++, date = date.plusDays(1)) {
      if (isOpenOn(date)) {
        LocalDateTime start = date.atTime(opens);
        LocalDateTime at = earliest.isAfter(start) ? earliest : start;
        if (!at.plusMinutes(minutes).isAfter(date.atTime(closes))) {
          return at;
        }
      }
    }
    throw new IllegalStateException("the shop is never open after " + earliest);
  }
}
