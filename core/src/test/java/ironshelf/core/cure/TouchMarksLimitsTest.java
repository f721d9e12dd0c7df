package ironshelf.core.cure;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.cure.TouchMarks.TouchMark;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Where marks lie on a boundary, and how few say anything. */
class TouchMarksLimitsTest {

  private static List<TouchMark> marks(Object... agesAndTouches) {
    List<TouchMark> marks = new ArrayList<>();
    for (int i = 0; i < agesAndTouches.length; i += 2) {
      marks.add(
          new TouchMark(((Number) agesAndTouches[i]).doubleValue(), (Touch) agesAndTouches[i + 1]));
    }
    return marks;
  }

  @Test
  void threeMarksSaySomethingAndTwoDoNot() {
    List<TouchMark> three = marks(5, Touch.TOO_GREEN, 6, Touch.FINE, 8, Touch.FINE);
    assertThat(TouchMarks.of(three, 4, null).demouldAgeH()).isEqualTo(Math.nextUp(5.0));
    assertThat(TouchMarks.of(three.subList(0, 2), 4, null).demouldAgeH()).isNull();
  }

  @Test
  void marksOnOneSideAloneSayNothing() {
    List<TouchMark> fine = marks(5, Touch.FINE, 6, Touch.FINE, 8, Touch.FINE);
    assertThat(TouchMarks.of(fine, 9, null).demouldAgeH()).isNull();
    assertThat(TouchMarks.of(fine, 9, null).against()).isZero();
  }

  /** A piece too green at the very age that is used is against it; one that is fine is not. */
  @Test
  void aMarkAtTheAgeItselfCounts() {
    TouchMarks green =
        TouchMarks.of(marks(6, Touch.TOO_GREEN, 7, Touch.FINE, 8, Touch.FINE), 6, null);
    assertThat(green.demouldAgeH()).isEqualTo(Math.nextUp(6.0));
    TouchMarks fine =
        TouchMarks.of(marks(5, Touch.TOO_GREEN, 6, Touch.FINE, 8, Touch.FINE), 6, null);
    assertThat(fine.demouldAgeH()).isEqualTo(6);
    assertThat(fine.against()).isZero();
  }

  @Test
  void ofAgesThatDoAsWellTheNearestToTheUsedOneIsTaken() {
    List<TouchMark> apart =
        marks(4, Touch.TOO_GREEN, 10, Touch.FINE, 11, Touch.FINE, 12, Touch.TOO_HARD);
    assertThat(TouchMarks.of(apart, 7, null).demouldAgeH()).isEqualTo(7);
    assertThat(TouchMarks.of(apart, 3, null).demouldAgeH()).isEqualTo(Math.nextUp(4.0));
    assertThat(TouchMarks.of(apart, 11, null).demouldAgeH()).isEqualTo(10);
  }

  /** Without a green window of its own, twice the demould age is what is compared with. */
  @Test
  void theGreenWindowClosesBeforeWhatWasTooHard() {
    List<TouchMark> hard =
        marks(5, Touch.TOO_GREEN, 6, Touch.FINE, 8, Touch.FINE, 10, Touch.TOO_HARD);
    assertThat(TouchMarks.of(hard, 6, null).greenUntilAgeH()).isEqualTo(10);
    assertThat(TouchMarks.of(hard, 6, 9.0).greenUntilAgeH()).isEqualTo(9);
    assertThat(TouchMarks.of(hard, 6, 7.0).greenUntilAgeH()).isEqualTo(Math.nextUp(8.0));
    assertThat(TouchMarks.of(hard, 6, null).tooHard()).isEqualTo(1);
    assertThat(TouchMarks.of(hard, 6, null).fine()).isEqualTo(2);
  }

  @Test
  void whatIsAgainstTheAgeIsCounted() {
    TouchMarks mixed =
        TouchMarks.of(
            marks(
                5,
                Touch.TOO_GREEN,
                9,
                Touch.TOO_GREEN,
                6,
                Touch.FINE,
                7,
                Touch.FINE,
                8,
                Touch.FINE),
            6,
            null);
    assertThat(mixed.demouldAgeH()).isEqualTo(6);
    assertThat(mixed.against()).isEqualTo(1);
  }
}
