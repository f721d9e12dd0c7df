package ironshelf.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a piece should weigh, and which typed masses are asked back. */
class UsualMassTest {

  @Test
  void aLitreOfMixThatKeepsAllButItsFreeWater() {
    // 1.2 L x 2 200 kg/m3 = 2.64 kg wet, x 0.967 = 2.553 kg dry.
    UsualMass usual = UsualMass.ofFilling(1.2, 2200, 0.967);
    assertThat(usual.massKg()).isCloseTo(2.55288, within(1e-9));
    assertThat(usual.leastKg()).isCloseTo(1.021152, within(1e-9));
    assertThat(usual.mostKg()).isCloseTo(6.3822, within(1e-9));
  }

  @Test
  void aFigureTooManyIsBeyondAndAThinWallIsNot() {
    UsualMass dish = UsualMass.of(0.26);
    assertThat(2.6).isGreaterThan(dish.mostKg());
    assertThat(0.026).isLessThan(dish.leastKg());
    assertThat(0.26 * 0.67).isBetween(dish.leastKg(), dish.mostKg());
    assertThat(0.26 * 1.33).isBetween(dish.leastKg(), dish.mostKg());
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -1, 5001, Double.NaN, Double.POSITIVE_INFINITY})
  void noPieceWeighsThat(double kg) {
    assertThatThrownBy(() -> UsualMass.of(kg)).isInstanceOf(RefusedException.class);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.49, 1.01, Double.NaN})
  void noMixKeepsThat(double retention) {
    assertThatThrownBy(() -> UsualMass.ofFilling(1, 2200, retention))
        .isInstanceOf(RefusedException.class);
  }
}
