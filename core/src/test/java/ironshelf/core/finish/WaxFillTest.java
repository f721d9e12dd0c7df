package ironshelf.core.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.finish.WaxFill.Convention;
import ironshelf.core.finish.WaxFill.WaxRequest;
import ironshelf.core.quantity.RefusedException;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@Tag("accuracy")
class WaxFillTest {

  /** By hand: 0.2 L less a tenth is 0.18 L, 154.8 g; a tenth of the wax: 140.7 and 14.07 g. */
  @Test
  void bothConventions() {
    WaxFill ofWax = WaxFill.of(new WaxRequest(0.2, 10, 10, Convention.OF_WAX, Double.NaN));
    assertThat(ofWax.totalKg()).isCloseTo(0.1548, within(1e-9));
    assertThat(ofWax.waxKg()).isCloseTo(0.140727, within(1e-6));
    assertThat(ofWax.fragranceKg()).isCloseTo(0.0140727, within(1e-6));
    assertThat(ofWax.ofTotalPercent()).isCloseTo(9.0909, within(1e-4));
    assertThat(ofWax.melt(6).waxKg()).isCloseTo(0.844364, within(1e-6));
    assertThat(ofWax.melt(6).fragranceKg()).isCloseTo(0.0844364, within(1e-6));
    assertThatThrownBy(() -> ofWax.melt(0)).isInstanceOf(RefusedException.class);
    WaxFill ofTotal = WaxFill.of(new WaxRequest(0.2, 10, 10, Convention.OF_TOTAL, Double.NaN));
    assertThat(ofTotal.fragranceKg()).isCloseTo(0.01548, within(1e-9));
    assertThat(ofTotal.ofWaxPercent()).isCloseTo(11.1111, within(1e-4));
    // docs/method/finish.md: melt about 85, fragrance 70-75, pour 57-60.
    assertThat(ofTotal.steps())
        .extracting(WaxFill.WaxStep::fromC)
        .containsExactly(85.0, 70.0, 57.0);
  }

  @ParameterizedTest
  @CsvSource({
    "0, 10, 5",
    "-1, 10, 5",
    "NaN, 10, 5",
    "1000, 10, 5",
    "0.2, 61, 5",
    "0.2, -1, 5",
    "0.2, 10, -1",
    "0.2, 10, 21",
    "0.2, 10, NaN",
    "Infinity, 10, 5"
  })
  void nonsenseIsRefused(double litres, double headspace, double fragrance) {
    assertThatThrownBy(
            () -> new WaxRequest(litres, headspace, fragrance, Convention.OF_WAX, Double.NaN))
        .isInstanceOf(RefusedException.class);
  }
}
