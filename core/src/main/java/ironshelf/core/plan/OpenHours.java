package ironshelf.core.plan;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.time.DayOfWeek;
import java.time.LocalDate;
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

  /** The same, closed on other days. */
  public OpenHours closedOn(List<LocalDate> others) {
    return new OpenHours(days, opens, closes, others);
  }

  /** Minutes of work that a day gives. */
  public long minutesADay() {
    return java.time.Duration.between(opens, closes).toMinutes();
  }

  /** Whether anybody is in on a day. */
  public boolean isOpenOn(LocalDate date) {
    return Set.copyOf(days).contains(date.getDayOfWeek()) && !closed.contains(date);
  }
}
