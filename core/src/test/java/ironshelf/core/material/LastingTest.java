package ironshelf.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Worked by hand. */
class LastingTest {

  @Test
  void runsOutWithinTheWeekThatTakesMoreThanIsLeft() {
    Lasting lasting = Lasting.of(10, List.of(4.0, 4.0, 4.0), 4);
    assertThat(lasting.leftKg()).containsExactly(10.0, 6.0, 2.0, -2.0, -2.0);
    // Two of the third week's four: in the middle of it.
    assertThat(lasting.outInWeeks()).isCloseTo(2.5, within(1e-12));
  }

  @Test
  void lastsWhereTheLastGramIsJustEnough() {
    assertThat(Lasting.of(8, List.of(4.0, 4.0), 3).outInWeeks()).isNull();
    assertThat(Lasting.of(7.9, List.of(4.0, 4.0), 3).outInWeeks()).isCloseTo(1.975, within(1e-9));
  }

  @Test
  void isOutNowWhereMoreWasTakenThanWasThere() {
    assertThat(Lasting.of(-1, List.of(), 2).outInWeeks()).isZero();
    assertThat(Lasting.of(0, List.of(), 2).outInWeeks()).isNull();
    assertThat(Lasting.of(0, List.of(1.0), 2).outInWeeks()).isZero();
  }

  @Test
  void aWeekThatUsesNothingChangesNothing() {
    Lasting lasting = Lasting.of(5, List.of(0.0, 10.0), 3);
    assertThat(lasting.leftKg()).containsExactly(5.0, 5.0, -5.0, -5.0);
    assertThat(lasting.outInWeeks()).isEqualTo(1.5);
  }
}
