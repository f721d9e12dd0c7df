package ironshelf.core.plan.resource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.plan.Horizon;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.quantity.RefusedException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Who is free when, against a count of each minute of three weeks. */
@Tag("accuracy")
class WorkforceTest {

  /** A Monday, an hour after the shop has opened. */
  private static final LocalDateTime START = LocalDateTime.of(2027, 3, 1, 8, 0);

  private static final OpenHours HOURS =
      new OpenHours(
          List.of(DayOfWeek.MONDAY, DayOfWeek.TUESDAY, DayOfWeek.THURSDAY),
          LocalTime.of(7, 0),
          LocalTime.of(10, 0),
          List.of(LocalDate.of(2027, 3, 9)));

  private static final int WEEKS = 3 * 7 * Horizon.DAY_MIN;

  /** What is open and who is busy, minute by minute. */
  private static final class Count {
    final int people;
    final int[] busy = new int[WEEKS];

    Count(int people) {
      this.people = people;
    }

    boolean isOpen(int at, int minutes) {
      LocalDateTime from = START.plusMinutes(at);
      LocalDateTime to = from.plusMinutes(minutes);
      return HOURS.isOpenOn(from.toLocalDate())
          && !from.toLocalTime().isBefore(HOURS.opens())
          && from.toLocalDate().equals(to.toLocalDate())
          && !to.toLocalTime().isAfter(HOURS.closes());
    }

    boolean has(int at, int minutes, int wanted) {
      for (int minute = at; minute < at + minutes; minute++) {
        if (busy[minute] + wanted > people) {
          return false;
        }
      }
      return true;
    }

    int slot(int earliest, Block block) {
      for (int at = earliest; at < WEEKS - block.minutes(); at++) {
        if (isOpen(at, block.minutes())
            && has(at, block.minutes(), 1)
            && has(at + block.helpFrom(), block.helpMin(), 1 + block.helpers())) {
          return at;
        }
      }
      throw new AssertionError("three weeks are full");
    }

    void add(int at, int minutes, int more) {
      for (int minute = at; minute < at + minutes; minute++) {
        busy[minute] += more;
      }
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void theFirstFreeMinuteIsTheFirstThatACountFinds(long seed) {
    Random random = new Random(seed);
    int people = 1 + random.nextInt(3);
    Workforce hands = new Workforce(HOURS, START, people);
    Count count = new Count(people);
    for (int i = 0; i < 12; i++) {
      int minutes = 5 + random.nextInt(60);
      int helpers = random.nextInt(people);
      int helpFrom = random.nextInt(minutes);
      Block block = new Block(minutes, helpers, helpFrom, helpers == 0 ? 0 : minutes - helpFrom);
      int earliest = random.nextInt(WEEKS / 3);
      int at = hands.slot(earliest, block);
      assertThat(at).as("seed %d, block %d", seed, i).isEqualTo(count.slot(earliest, block));
      assertThat(hands.isOpen(at, minutes)).isTrue();
      hands.take(at, block);
      count.add(at, minutes, 1);
      count.add(at + block.helpFrom(), block.helpMin(), helpers);
      if (i % 4 == 3) {
        hands.give(at, block);
        count.add(at, minutes, -1);
        count.add(at + block.helpFrom(), block.helpMin(), -helpers);
      }
    }
    assertThat(hands.overMin()).isZero();
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 59, 60, 61, 119, 120, 121, 1_379, 1_380, 1_500, 2_820, 11_400})
  void openIsWhatTheHoursSay(int at) {
    Workforce hands = new Workforce(HOURS, START, 1);
    Count count = new Count(1);
    for (int minutes : new int[] {1, 60, 120, 180, 181}) {
      assertThat(hands.isOpen(at, minutes))
          .as("%d min", minutes)
          .isEqualTo(count.isOpen(at, minutes));
    }
  }

  @Test
  void nobodyIsInBeforeThePlanBegins() {
    Workforce hands = new Workforce(HOURS, START, 1);
    assertThat(hands.isOpen(-1, 1)).isFalse();
    assertThat(hands.isOpen(0, 120)).isTrue();
    assertThat(hands.isOpen(0, 121)).isFalse();
  }

  @Test
  void moreThanThereAreIsCountedAndForgottenAgain() {
    Workforce hands = new Workforce(HOURS, START, 1);
    hands.take(10, 30);
    assertThat(hands.isFree(0, 10)).isTrue();
    assertThat(hands.isFree(0, 11)).isFalse();
    assertThat(hands.isFree(40, 20)).isTrue();
    hands.take(25, 30);
    assertThat(hands.overMin()).isEqualTo(15);
    hands.give(25, 30);
    assertThat(hands.overMin()).isZero();
    assertThat(hands.slot(0, 30)).isEqualTo(40);
    hands.give(10, 30);
    assertThat(hands.slot(0, 30)).isZero();
  }

  /** A day that was found too full is looked at again once somebody is free on it. */
  @Test
  void aFullDayIsLookedAtAgainWhenItGetsRoom() {
    Workforce hands = new Workforce(HOURS, START, 1);
    int tuesday = Horizon.DAY_MIN - 60;
    hands.take(tuesday, 180);
    int thursday = 3 * Horizon.DAY_MIN - 60;
    assertThat(hands.slot(121, 20)).isEqualTo(thursday);
    hands.give(tuesday, 180);
    assertThat(hands.slot(121, 20)).isEqualTo(tuesday);
  }

  /** The plan's longest horizon is twenty years; nobody would look for a slot beyond it. */
  @Test
  void whatFindsNoRoomInTwentyYearsIsRefused() {
    Workforce hands = new Workforce(HOURS, START, 1);
    assertThatThrownBy(() -> hands.slot(0, 181)).isInstanceOf(RefusedException.class);
  }

  @Test
  void aBlockGrowsAtItsBeginning() {
    Block block = new Block(40, 2, 10, 20);
    assertThat(block.attendedMin()).isEqualTo(80);
    assertThat(block.after(0)).isEqualTo(block);
    assertThat(block.after(15)).isEqualTo(new Block(55, 2, 25, 20));
  }
}
