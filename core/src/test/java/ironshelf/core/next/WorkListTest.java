package ironshelf.core.next;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.quantity.RefusedException;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WorkListTest {

  private static final Instant NOW = Instant.parse("2027-03-01T09:00:00Z");

  private static Instant in(long minutes) {
    return NOW.plusSeconds(minutes * 60);
  }

  private static Task<String> task(String what, long at, double minutes) {
    return new Task<>(in(at), minutes, false, what);
  }

  /** A trim that is overdue, a brushing that is due, a bath in an hour; the rest is for later. */
  private static final List<Task<String>> MORNING =
      List.of(
          task("bath", 60, 20),
          new Task<>(in(-30), 10, true, "trim"),
          task("brush", -60, 15),
          task("coat", 600, 5));

  @Test
  void whatIsLateComesFirstThenWhatIsDueFirst() {
    assertThat(WorkList.of(MORNING, NOW, in(180)).tasks())
        .extracting(Task::what)
        .containsExactly("trim", "brush", "bath");
  }

  /** By hand: 10 and 15 minutes are done at 9:25; the bath from 10:00 on takes until 10:20. */
  @ParameterizedTest
  @CsvSource({"9, 0, 0", "10, 1, 10", "24, 1, 10", "25, 2, 25", "79, 2, 25", "80, 3, 45"})
  void oneDoesWhatFitsAndWaitsForWhatIsNotThereYet(long until, int fits, double minutes) {
    WorkList<String> list = WorkList.of(MORNING, NOW, in(until));
    assertThat(list.fits()).isEqualTo(fits);
    assertThat(list.minutes()).isEqualTo(minutes);
  }

  /** 8 minutes would fit after the first, but not after the one between. */
  @Test
  void nothingIsDoneInPlaceOfWhatDoesNotFit() {
    List<Task<String>> tasks =
        List.of(task("first", -3, 5), task("long", -2, 30), task("short", -1, 8));
    assertThat(WorkList.of(tasks, NOW, in(20)).fits()).isEqualTo(1);
  }

  @Test
  void halfAMinuteCounts() {
    List<Task<String>> tasks = List.of(task("a", 0, 0.5), task("b", 0, 0.5), task("c", 0, 0.5));
    assertThat(WorkList.of(tasks, NOW, in(1)).fits()).isEqualTo(2);
  }

  @Test
  void whereThereIsNothingNothingFits() {
    assertThat(WorkList.of(List.of(), NOW, in(60))).isEqualTo(new WorkList<>(List.of(), 0, 0));
  }

  @Test
  void noTimeIsBelowNought() {
    assertThatThrownBy(() -> task("a", 0, -1)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> task("a", 0, Double.NaN)).isInstanceOf(RefusedException.class);
  }

  /** In Dublin the clocks go from 1:00 to 2:00 on 28 March 2027 (tz database, Europe/Dublin). */
  @ParameterizedTest
  @CsvSource({
    "2027-03-01T09:00Z[Europe/Dublin], 12:30, 2027-03-01T12:30Z",
    "2027-03-01T09:00Z[Europe/Dublin], 08:00, 2027-03-02T08:00Z",
    "2027-03-01T09:00Z[Europe/Dublin], 09:00, 2027-03-02T09:00Z",
    "2027-03-27T22:00Z[Europe/Dublin], 12:30, 2027-03-28T12:30+01:00",
    "2027-03-27T22:00Z[Europe/Dublin], 01:30, 2027-03-28T02:30+01:00",
  })
  void aTimeIsTodayOrTomorrowWhereItHasPassed(ZonedDateTime now, LocalTime time, String then) {
    assertThat(ClockTimes.next(time, now).toOffsetDateTime()).hasToString(then);
  }
}
