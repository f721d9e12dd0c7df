package ironshelf.core.cure;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.cure.TouchMarks.TouchMark;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TouchMarksTest {

  @Test
  void marksThatAgreeChangeNothing() {
    TouchMarks marks =
        TouchMarks.of(List.of(green(2.0), fine(2.6), fine(3.1), fine(4.0), hard(5.6)), 2.5, 5.0);
    assertThat(marks.demouldAgeH()).isEqualTo(2.5);
    assertThat(marks.greenUntilAgeH()).isEqualTo(5.0);
    assertThat(marks.against()).isZero();
  }

  /** Torn at 2.6 and 2.8 h, fine from 3.2 h on: the boundary moves just past the last torn one. */
  @Test
  void tooGreenMarksMoveItUpAsFarAsTheyMust() {
    TouchMarks marks =
        TouchMarks.of(List.of(green(2.6), green(2.8), fine(3.2), fine(3.4)), 2.5, 5.0);
    assertThat(marks.demouldAgeH()).isBetween(2.8, 3.2);
    assertThat(marks.demouldAgeH()).isLessThan(2.9);
  }

  @Test
  void earlyOnesThatWereFineMoveItDown() {
    TouchMarks marks =
        TouchMarks.of(List.of(green(1.4), fine(2.0), fine(2.1), fine(2.6)), 2.5, null);
    assertThat(marks.demouldAgeH()).isEqualTo(2.0);
    assertThat(marks.greenUntilAgeH()).isNull();
  }

  @Test
  void twoMarksOrOneSideSayNothing() {
    assertThat(TouchMarks.of(List.of(green(2), fine(3)), 2.5, 5.0).demouldAgeH()).isNull();
    assertThat(TouchMarks.of(List.of(fine(2), fine(3), fine(4)), 2.5, 5.0).demouldAgeH()).isNull();
  }

  /** Against trying every hundredth of an hour: never more marks on the wrong side. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void noOtherAgeHasFewerAgainst(long seed) {
    Random random = new Random(seed);
    List<TouchMark> marks = new ArrayList<>();
    marks.add(green(1));
    marks.add(fine(4));
    for (int i = 0; i < 30; i++) {
      double age = 1 + 4 * random.nextDouble();
      boolean soft = age + random.nextGaussian() * 0.4 < 2.8;
      marks.add(soft ? green(age) : fine(age));
    }
    TouchMarks learned = TouchMarks.of(marks, 2.5, null);
    for (double age = 0.5; age < 6; age += 0.01) {
      double tried = age;
      long wrong =
          marks.stream()
              .filter(m -> m.touch() == Touch.TOO_GREEN ? m.ageH() >= tried : m.ageH() < tried)
              .count();
      assertThat(learned.against()).as("seed %d", seed).isLessThanOrEqualTo((int) wrong);
    }
  }

  private static TouchMark green(double ageH) {
    return new TouchMark(ageH, Touch.TOO_GREEN);
  }

  private static TouchMark fine(double ageH) {
    return new TouchMark(ageH, Touch.FINE);
  }

  private static TouchMark hard(double ageH) {
    return new TouchMark(ageH, Touch.TOO_HARD);
  }
}
