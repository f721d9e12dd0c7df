package ironshelf.core.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("accuracy")
class TentTest {

  private static final Maturity USUAL = Maturity.usual(MaturityMethod.ARRHENIUS);

  /** docs/method/temperatures.md: 24 h at 20 degrees, done in 15 h, needs 28.3 degrees. */
  @Test
  void fifteenHoursNeedTwentyEight() {
    Tent tent = Tent.of(List.of(), 15, 24, USUAL);
    assertThat(tent.tentC()).isCloseTo(28.3, within(0.05));
    assertThat(tent.reached()).isTrue();
    assertThat(tent.readyInH()).isCloseTo(15, within(1e-9));
  }

  /** Whatever it answers, the demould sum agrees with it. */
  @ParameterizedTest
  @EnumSource(MaturityMethod.class)
  void theDemouldSumAgrees(MaturityMethod method) {
    Random random = new Random(7);
    Maturity maturity = Maturity.usual(method);
    for (int n = 0; n < 200; n++) {
      List<TemperatureSpan> history =
          List.of(new TemperatureSpan(0.1 + 5 * random.nextDouble(), 8 + 15 * random.nextDouble()));
      double hours = 4 + 30 * random.nextDouble();
      Tent tent = Tent.of(history, hours, 10 + 30 * random.nextDouble(), maturity);
      if (tent.reached() && tent.readyInH() > 0) {
        double age =
            maturity.equivalentAgeH(history) + tent.readyInH() * maturity.rate(tent.tentC());
        double byHand = maturity.equivalentAgeH(history) + hours * maturity.rate(tent.tentC());
        assertThat(tent.readyInH()).isLessThanOrEqualTo(hours + 1e-6);
        assertThat(age).isLessThanOrEqualTo(byHand + 1e-6);
      }
    }
  }

  @ParameterizedTest
  @EnumSource(MaturityMethod.class)
  void theInverseGivesTheTemperatureBack(MaturityMethod method) {
    Maturity maturity = Maturity.usual(method);
    for (double c = 1; c <= 70; c += 0.5) {
      assertThat(maturity.concreteCFor(maturity.rate(c))).isCloseTo(c, within(1e-9));
    }
  }

  @Test
  void anAgeThatIsThereNeedsNoTent() {
    Tent tent = Tent.of(List.of(new TemperatureSpan(30, 20)), 5, 24, USUAL);
    assertThat(tent.readyInH()).isZero();
    assertThat(tent.warnings()).isEmpty();
  }

  /** EN 13670, 8.5: never over 70 degrees. */
  @Test
  void overSeventyIsNotInTime() {
    Tent tent = Tent.of(List.of(), 1, 72, USUAL);
    assertThat(tent.reached()).isFalse();
    assertThat(tent.tentC()).isEqualTo(70);
    assertThat(tent.readyInH()).isGreaterThan(1);
    assertThat(tent.warnings().get(0).code()).isEqualTo(FindingCode.TENT_TOO_LATE);
    assertThat(Tent.of(List.of(), 1e-3, 10_000, USUAL).reached()).isFalse();
  }

  @Test
  void aColdTentWarns() {
    Tent tent = Tent.of(List.of(), 200, 24, USUAL);
    assertThat(tent.tentC()).isLessThan(5);
    assertThat(tent.warnings().get(0).code()).isEqualTo(FindingCode.CURE_COLD);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, -1, Double.NaN, Double.POSITIVE_INFINITY})
  void nonsenseIsRefused(double hours) {
    assertThatThrownBy(() -> Tent.of(List.of(), hours, 24, USUAL))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> Tent.of(List.of(), 15, hours, USUAL))
        .isInstanceOf(RefusedException.class);
  }
}
