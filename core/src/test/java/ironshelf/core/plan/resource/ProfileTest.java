package ironshelf.core.plan.resource;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The tree of levels against one counter a minute. */
@Tag("accuracy")
class ProfileTest {

  private static final int MINUTES = 300;

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void aTreeAnswersAsACounterOfEachMinuteDoes(long seed) {
    Random random = new Random(seed);
    int capacity = 3 + random.nextInt(10);
    // It expects a short horizon, so that it must grow several times.
    Profile profile = new Profile(capacity, 1 + random.nextInt(20));
    int[] counted = new int[MINUTES];
    for (int i = 0; i < 200; i++) {
      int from = random.nextInt(MINUTES);
      int to = Math.min(MINUTES, from + random.nextInt(60));
      int pieces = random.nextInt(5) - 1;
      profile.take(from, to, pieces);
      for (int minute = from; minute < to; minute++) {
        counted[minute] += pieces;
      }
      int asked = random.nextInt(MINUTES);
      int until = Math.min(MINUTES, asked + random.nextInt(120));
      int more = 1 + random.nextInt(4);
      assertThat(profile.lastConflict(asked, until, more))
          .as("seed %d, step %d", seed, i)
          .isEqualTo(lastOver(counted, asked, until, capacity - more));
      assertThat(profile.overfull())
          .isEqualTo(Math.max(0, Arrays.stream(counted).max().orElseThrow() - capacity));
    }
  }

  private static int lastOver(int[] counted, int from, int to, int most) {
    for (int minute = to - 1; minute >= from; minute--) {
      if (counted[minute] > most) {
        return minute;
      }
    }
    return -1;
  }

  @Test
  void theLastMinuteOfAStayIsTheOneBeforeItsEnd() {
    Profile bath = new Profile(10, 100);
    bath.take(20, 30, 8);
    assertThat(bath.lastConflict(0, 20, 3)).isEqualTo(-1);
    assertThat(bath.lastConflict(0, 21, 3)).isEqualTo(20);
    assertThat(bath.lastConflict(29, 60, 3)).isEqualTo(29);
    assertThat(bath.lastConflict(30, 60, 3)).isEqualTo(-1);
    assertThat(bath.lastConflict(20, 30, 2)).as("just room").isEqualTo(-1);
    assertThat(bath.lastConflict(25, 25, 10)).as("no stay").isEqualTo(-1);
    assertThat(bath.overfull()).isZero();
    bath.take(29, 31, 5);
    assertThat(bath.overfull()).isEqualTo(3);
  }

  @Test
  void whatIsTakenOutLeavesNothing() {
    Profile shelf = new Profile(4, 8);
    shelf.take(3, 500, 4);
    assertThat(shelf.lastConflict(0, 600, 1)).isEqualTo(499);
    shelf.take(3, 500, -4);
    assertThat(shelf.lastConflict(0, 600, 4)).isEqualTo(-1);
    shelf.take(7, 7, 9);
    assertThat(shelf.overfull()).as("nobody stands there for no time").isZero();
  }
}
