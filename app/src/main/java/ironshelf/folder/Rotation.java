package ironshelf.folder;

import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.temporal.IsoFields;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * Which backups are kept: the last of each of 7 days, of 4 weeks and of 12 months that have any
 * (grandfather, father, son; common practice). The newest is always among them.
 */
final class Rotation {

  private static final int DAYS = 7;
  private static final int WEEKS = 4;
  private static final int MONTHS = 12;

  private Rotation() {}

  /** Those that are not kept. */
  static Set<Instant> over(Collection<Instant> made, ZoneId zone) {
    List<Instant> newestFirst = new ArrayList<>(made);
    newestFirst.sort(Comparator.reverseOrder());
    Set<Instant> kept = new HashSet<>();
    Function<Instant, LocalDate> day = at -> LocalDate.ofInstant(at, zone);
    keep(newestFirst, day::apply, DAYS, kept);
    keep(newestFirst, day.andThen(Rotation::week)::apply, WEEKS, kept);
    keep(newestFirst, day.andThen(YearMonth::from)::apply, MONTHS, kept);
    Set<Instant> over = new HashSet<>(made);
    over.removeAll(kept);
    return over;
  }

  private static String week(LocalDate day) {
    return day.get(IsoFields.WEEK_BASED_YEAR) + "-" + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
  }

  private static void keep(
      List<Instant> newestFirst, Function<Instant, Object> span, int most, Set<Instant> kept) {
    Set<Object> spans = new HashSet<>();
    for (Instant at : newestFirst) {
      if (spans.size() < most && spans.add(span.apply(at))) {
        kept.add(at);
      }
    }
  }
}
