package ironshelf.core.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.cure.binder.StrengthCurve;
import ironshelf.core.cure.temperature.TemperatureSpan;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("accuracy")
class StrengthTest {

  /**
   * docs/method/temperatures.md: 6 h at 18, 12 h at 10, 6 h at 16 is 16.65 h; Nurse and Saul 324 C
   * h over 20.
   */
  @Test
  void threeMethodsOnOneHistory() {
    Strength strength =
        Strength.of(
            List.of(
                new TemperatureSpan(6, 18),
                new TemperatureSpan(12, 10),
                new TemperatureSpan(6, 16)),
            new StrengthCurve.En1992(0.25));
    assertThat(strength.methods()).hasSize(3);
    assertThat(strength.methods().get(0).equivalentAgeH()).isCloseTo(16.65, within(0.01));
    assertThat(strength.methods().get(1).equivalentAgeH()).isCloseTo(16.2, within(1e-9));
    // EN 1992-1-1 B.10 by hand: 6 x 0.9101 + 12 x 0.6153 + 6 x 0.8270.
    assertThat(strength.methods().get(2).equivalentAgeH()).isCloseTo(17.81, within(0.05));
  }

  /** At 20 degrees they agree: an hour is an hour (EN's own constant is rounded). */
  @Test
  void atTwentyDegreesTheyAgree() {
    Strength.of(List.of(new TemperatureSpan(168, 20)), new StrengthCurve.En1992(0.25))
        .methods()
        .forEach(
            m -> {
              assertThat(m.equivalentAgeH()).isCloseTo(168, within(0.5));
              assertThat(m.share()).isCloseTo(0.779, within(0.001));
            });
  }
}
