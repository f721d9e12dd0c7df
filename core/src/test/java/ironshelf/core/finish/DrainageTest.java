package ironshelf.core.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.RefusedException;
import org.junit.jupiter.api.Test;

class DrainageTest {

  /** A fifth of 2 L is 0.4 L, 0.6 kg of stone at 1 500 kg/m3 loose. */
  @Test
  void drainageStonesWorkedByHand() {
    Drainage drainage = Drainage.of(2, 20, 3);
    assertThat(drainage.stonesL()).isCloseTo(0.4, within(1e-12));
    assertThat(drainage.stonesKg()).isCloseTo(0.6, within(1e-12));
    assertThat(drainage.allKg()).isCloseTo(1.8, within(1e-12));
    assertThatThrownBy(() -> Drainage.of(2, 20, 0)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> Drainage.of(2, 80, 1)).isInstanceOf(RefusedException.class);
  }
}
