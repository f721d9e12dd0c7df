package ironshelf.core.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Heavier or lighter by grain: absolute volumes add up (ACI 211.1, 5.3). */
@Tag("accuracy")
class DensityFitTest {

  private static final double WATER = 998;

  /**
   * By hand: a mix of 2 200 and barite of 4.2 x 998 = 4 191.6 make 2 600 where 400 of 1 991.6 is
   * grain, 20.08 % of the whole.
   */
  @Test
  void heavierByBarite() {
    DensityFit fit = DensityFit.of(2_200, 2_600, 4.2);
    assertThat(fit.volumeShare()).isCloseTo(400 / 1_991.6, within(1e-12));
    double grainKg = fit.volumeShare() * 4_191.6;
    double mixKg = (1 - fit.volumeShare()) * 2_200;
    assertThat(grainKg + mixKg).isCloseTo(2_600, within(1e-9));
    assertThat(fit.grainPerMixKg()).isCloseTo(grainKg / mixKg, within(1e-12));
  }

  /** Whatever is mixed so, a litre of it weighs what was wanted. */
  @ParameterizedTest
  @CsvSource({
    "2200, 2200, 4.2",
    "2200, 2400, 7.8",
    "2200, 1700, 0.6",
    "1700, 1500, 0.3",
    "2400, 3300, 4.6",
    "500, 900, 2.65"
  })
  void aLitreWeighsWhatWasWanted(double mix, double wanted, double grain) {
    DensityFit fit = DensityFit.of(mix, wanted, grain);
    assertThat(fit.volumeShare()).isBetween(0.0, DensityFit.MOST_SHARE);
    double litre = (1 - fit.volumeShare()) * mix + fit.volumeShare() * grain * WATER;
    assertThat(litre).isCloseTo(wanted, within(1e-9));
    // The same by masses: a kilogram of mix and its grain, over their volumes.
    double kg = 1 + fit.grainPerMixKg();
    double m3 = 1 / mix + fit.grainPerMixKg() / (grain * WATER);
    assertThat(kg / m3).isCloseTo(wanted, within(1e-6));
  }

  /** Half of it grain is the most: what lies beyond is refused, with how far one would come. */
  @Test
  void whatGrainCannotReachIsRefusedWithItsReach() {
    double reach = (2_200 + 4.2 * WATER) / 2;
    assertThat(DensityFit.of(2_200, reach, 4.2).volumeShare()).isCloseTo(0.5, within(1e-12));
    for (double wanted : new double[] {reach + 1, 2_199, 100}) {
      assertThatThrownBy(() -> DensityFit.of(2_200, wanted, 4.2))
          .isInstanceOfSatisfying(
              RefusedException.class,
              e -> {
                assertThat(e.findings().get(0).code()).isEqualTo(FindingCode.DENSITY_OUT_OF_REACH);
                assertThat(e.findings().get(0).field()).isEqualTo("wantedKgM3");
                assertThat((double) e.findings().get(0).params().get("reach"))
                    .isCloseTo(reach, within(1e-9));
              });
    }
    // Grain as dense as the mix changes nothing.
    assertThatThrownBy(() -> DensityFit.of(WATER, 1_100, 1)).isInstanceOf(RefusedException.class);
  }

  @Test
  void nonsenseIsRefusedAllAtOnce() {
    assertThatThrownBy(() -> DensityFit.of(99, 10_001, 0))
        .isInstanceOfSatisfying(RefusedException.class, e -> assertThat(e.findings()).hasSize(3));
    assertThatThrownBy(() -> DensityFit.of(2_200, 2_400, 26)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> DensityFit.of(Double.NaN, 2_400, 4))
        .isInstanceOf(RefusedException.class);
  }
}
