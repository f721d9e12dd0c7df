package ironshelf.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.RefusedException;
import org.junit.jupiter.api.Test;

class BinderBagTest {

  private static final double EXACT = 1e-12;

  /** By hand: 3 % of 25 kg is 750 g, which is 150 spoons of 5 g. */
  @Test
  void cementAloneIsTheWholeBag() {
    BinderBag bag = new BinderBag(25, 100);

    assertThat(bag.cementKg()).isCloseTo(25, within(EXACT));
    assertThat(bag.spoons(3, 5)).isCloseTo(150, within(EXACT));
  }

  /**
   * By hand: a bag of 20 kg that is 40 % cement has 8 kg; 5 % of it is 400 g, 100 spoons of 4 g.
   */
  @Test
  void blendIsDosedByItsCement() {
    BinderBag bag = new BinderBag(20, 40);

    assertThat(bag.cementKg()).isCloseTo(8, within(EXACT));
    assertThat(bag.spoons(5, 4)).isCloseTo(100, within(EXACT));
    assertThat(bag.spoons(0, 4)).isZero();
  }

  /** docs/method/materials.md: 4 % in a bag of 80 lb with 18 % cement is 0.2613 kg. */
  @Test
  void baggedMixIsDosedByItsCement() {
    assertThat(new BinderBag(36.287, 18).spoons(4, 1)).isCloseTo(261.3, within(0.05));
  }

  @Test
  void nonsenseIsRefused() {
    BinderBag bag = new BinderBag(25, 100);

    assertThatThrownBy(() -> new BinderBag(0, 0))
        .isInstanceOfSatisfying(
            RefusedException.class, refused -> assertThat(refused.findings()).hasSize(2));
    assertThatThrownBy(() -> new BinderBag(Findings.MAX_MASS_KG + 1, 101))
        .isInstanceOfSatisfying(
            RefusedException.class, refused -> assertThat(refused.findings()).hasSize(2));
    assertThatThrownBy(() -> bag.spoons(101, 0))
        .isInstanceOfSatisfying(
            RefusedException.class, refused -> assertThat(refused.findings()).hasSize(2));
  }
}
