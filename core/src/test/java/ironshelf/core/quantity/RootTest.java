package ironshelf.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class RootTest {

  @Test
  void findsWhereItPassesZero() {
    assertThat(Root.of(x -> x * x * x - 2, 0, 2, 1e-12)).isCloseTo(Math.cbrt(2), within(1e-11));
    assertThat(Root.of(x -> Math.exp(x) - 1e6, 0, 700, 1e-12))
        .isCloseTo(Math.log(1e6), within(1e-9));
  }

  /** A core that fills the mould's foot: nothing rises for a while. */
  @Test
  void mayStayLevelBeforeItRises() {
    assertThat(Root.of(x -> Math.max(0, x - 40) - 10, 0, 100, 1e-12)).isCloseTo(50, within(1e-9));
  }

  @Test
  void givesTheNearerEndWhereItDoesNotPass() {
    assertThat(Root.of(x -> x + 1, 0, 2, 1e-9)).isZero();
    assertThat(Root.of(x -> x - 3, 0, 2, 1e-9)).isEqualTo(2);
    assertThat(Root.of(x -> x, 0, 2, 1e-9)).isZero();
  }
}
