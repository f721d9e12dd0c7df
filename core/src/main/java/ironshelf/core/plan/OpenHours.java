package ironshelf.core.plan;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The hours at which people are in the shop.
 *
 * @param days at least one
 * @param closes after it opens, the same day
 * @param closed days on which nobody is in
 */
public record OpenHours(
    List<DayOfWeek> days, LocalTime opens, LocalTime closes, List<LocalDate> closed) {

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

  /** Returns the same hours on one more day of the week. */
  public OpenHours alsoOn(DayOfWeek day) {
    return days.contains(day)
        ? this
        : new OpenHours(
            Stream.concat(days.stream(), Stream.of(day)).toList(), opens, closes, closed);
  }

  /** Returns the same hours closing later, a minute before midnight at the latest. */
  public OpenHours longerBy(int minutes) {
    int last = LocalTime.MAX.toSecondOfDay() / 60;
    int end = Math.min(last, closes.toSecondOfDay() / 60 + minutes);
    return new OpenHours(days, opens, LocalTime.of(end / 60, end % 60), closed);
  }

  /** Returns the same hours with other closed days. */
  public OpenHours closedOn(List<LocalDate> others) {
    return new OpenHours(days, opens, closes, others);
  }

  /** Returns the minutes of an open day. */
  public long minutesADay() {
    return java.time.Duration.between(opens, closes).toMinutes();
  }

  /** Tests whether the shop is open on a day. */
  public boolean isOpenOn(LocalDate date) {
    return Set.copyOf(days).contains(date.getDayOfWeek()) && !closed.contains(date);
  }
}
