package ironshelf.core.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sealer for a coat, by hand. */
class CoatTest {

  @Test
  void byTheFaces() {
    // A cube of 20 cm has 6 x 0.04 = 0.24 m2; at 120 g/m2 that is 28.8 g, eight take 230.4 g.
    Coat coat = Coat.ofFaces(0.24, 120, 8);
    assertThat(coat.eachKg()).isCloseTo(0.0288, within(1e-12));
    assertThat(coat.allKg()).isCloseTo(0.2304, within(1e-12));
  }

  @Test
  void byWhatTheFirstTook() {
    assertThat(Coat.ofEach(0.035, 6)).isEqualTo(new Coat(0.035, 0.035 * 6));
  }

  @ParameterizedTest
  @CsvSource({
    "-1, 120, 1",
    "1001, 120, 1",
    "1, -1, 1",
    "1, 2001, 1",
    "1, 120, 0",
    "1, 120, 100001"
  })
  void nonsenseIsRefused(double areaM2, double gramsPerM2, int pieces) {
    assertThatThrownBy(() -> Coat.ofFaces(areaM2, gramsPerM2, pieces))
        .isInstanceOf(RefusedException.class);
  }

  @ParameterizedTest
  @CsvSource({"-0.1, 1", "5001, 1", "NaN, 1", "0.1, 0"})
  void nonsenseIsRefusedOfTheFirstToo(double tookKg, int pieces) {
    assertThatThrownBy(() -> Coat.ofEach(tookKg, pieces)).isInstanceOf(RefusedException.class);
  }
}
