package ironshelf.folder;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class RotationTest {

  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");

  /** Twice a day for two years, over both changes of the clocks; tidied after each. */
  @Test
  void sevenDaysFourWeeksAndTwelveMonthsAreLeft() {
    Instant at = Instant.parse("2024-01-01T05:00:00Z");
    TreeSet<Instant> left = new TreeSet<>();
    for (int half = 0; half < 2 * 731; half++) {
      left.add(at);
      Rotation.over(left, ZONE).forEach(left::remove);
      assertThat(left).contains(at);
      at = at.plus(Duration.ofHours(12));
    }
    // Ends on Wednesday 31 December 2025 at 18:00: worked out by a calendar.
    List<String> days =
        left.descendingSet().stream().map(i -> LocalDate.ofInstant(i, ZONE).toString()).toList();
    assertThat(days.subList(0, 7))
        .containsExactly(
            "2025-12-31",
            "2025-12-30",
            "2025-12-29",
            "2025-12-28",
            "2025-12-27",
            "2025-12-26",
            "2025-12-25");
    // Sundays end weeks, last days end months; some are both.
    assertThat(days.subList(7, days.size()))
        .containsExactly(
            "2025-12-21",
            "2025-12-14",
            "2025-11-30",
            "2025-10-31",
            "2025-09-30",
            "2025-08-31",
            "2025-07-31",
            "2025-06-30",
            "2025-05-31",
            "2025-04-30",
            "2025-03-31",
            "2025-02-28",
            "2025-01-31");
  }

  @Test
  void aShopThatIsOpenedSeldomLosesNothingForThat() {
    List<Instant> made = new ArrayList<>();
    for (int month = 1; month <= 9; month++) {
      made.add(Instant.parse("2025-0" + month + "-10T10:00:00Z"));
    }
    assertThat(Rotation.over(made, ZONE)).isEmpty();
  }
}
