package ironshelf.core.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.RefusedException;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Worked by hand: a dish of 9 L and 900 cm2, a mix of 2 200 kg/m3. */
@Tag("accuracy")
class MouldFitTest {

  /** A millimetre over 900 cm2 is 90 ml, 0.198 kg. */
  private static final double PER_MM_KG = 0.198;

  @Test
  void whatFitsStandsSoHigh() {
    MouldFit fit = MouldFit.of(9.9, 9, 2200, PER_MM_KG, 40.0);
    assertThat(fit.fullKg()).isCloseTo(19.8, within(1e-9));
    assertThat(fit.heightMm()).isCloseTo(50, within(1e-9));
    assertThat(fit.over()).isFalse();
    assertThat(fit.thin()).isFalse();
    assertThat(fit.wantedKgM3()).isNull();
  }

  @Test
  void whatIsTooMuchWouldHaveToBeDenser() {
    MouldFit fit = MouldFit.of(24.75, 9, 2200, PER_MM_KG, null);
    assertThat(fit.over()).isTrue();
    // A quarter more in the same 9 L.
    assertThat(fit.wantedKgM3()).isCloseTo(2750, within(1e-9));
  }

  @Test
  void whatIsTooThinWouldHaveToBeLighter() {
    MouldFit fit = MouldFit.of(3.96, 9, 2200, PER_MM_KG, 25.0);
    // 20 mm high where 25 are wanted: four fifths of the density.
    assertThat(fit.thin()).isTrue();
    assertThat(fit.wantedKgM3()).isCloseTo(1760, within(1e-9));
    assertThat(MouldFit.of(3.96, 9, 2200, null, 25.0).thin()).isFalse();
  }

  @Test
  void nonsenseIsRefusedAllAtOnce() {
    assertThatThrownBy(() -> MouldFit.of(0, -1, 50, -2.0, 0.0))
        .isInstanceOfSatisfying(
            RefusedException.class, refused -> assertThat(refused.findings()).hasSize(5));
  }
}
