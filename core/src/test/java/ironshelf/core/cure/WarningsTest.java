package ironshelf.core.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.cure.binder.StrengthCurve;
import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a cure is warned of, at its limits; check values: docs/method/temperatures.md. */
@Tag("accuracy")
class WarningsTest {

  private static List<FindingCode> codes(List<Finding> findings) {
    return findings.stream().map(Finding::code).toList();
  }

  /**
   * ACI 306R: under 5 degrees slow; EN 13670, 8.5: not over 70; frost before 3.5 MPa does harm (ACI
   * 306R: 500 psi).
   */
  @ParameterizedTest
  @CsvSource({
    "5, 30, 0, ''",
    "4.9, 30, 0, CURE_COLD",
    "4.9, 30, -0.1, CURE_FROST",
    "20, 30, -0.1, CURE_FROST",
    "5, 70, 0, CURE_WARM",
    "5, 70.1, 0, CURE_HOT",
    "4, 70.1, 0, CURE_COLD CURE_HOT",
    "4, 60, -3, CURE_FROST CURE_WARM"
  })
  void eachLimitIsItsOwn(double lowC, double highC, double lowUnsafeC, String expected) {
    List<FindingCode> wanted =
        expected.isBlank()
            ? List.of()
            : Arrays.stream(expected.split(" ", -1)).map(FindingCode::valueOf).toList();
    assertThat(codes(Demould.warnings(new AgeLine.Extremes(lowC, highC), lowUnsafeC)))
        .isEqualTo(wanted);
  }

  @Test
  void aWarningNamesItsValueAndItsLimit() {
    List<Finding> warnings = Demould.warnings(new AgeLine.Extremes(3, 71), 1);
    assertThat(warnings.get(0).params()).containsEntry("value", 3.0).containsEntry("least", 5.0);
    assertThat(warnings.get(1).params()).containsEntry("value", 71.0).containsEntry("most", 70.0);
    Finding frost = Demould.warnings(new AgeLine.Extremes(3, 20), -2).get(0);
    assertThat(frost.params()).containsEntry("value", -2.0).containsEntry("safe", 3.5);
  }

  /**
   * 3.5 of 30 MPa (ACI 306R: 500 psi). EN 1992-1-1, 3.1.2(6) solved for t with s = 0.25: 28 / (1 -
   * ln(share) / 0.25)^2 days, which is 7.3 h; ACI 209R-92 with 4 and 0.85: 4 r / (1 - 0.85 r) days.
   */
  @Test
  void frostIsSafeFromFiveHundredPsi() {
    double share = 3.5 / 30;
    double root = 1 - Math.log(share) / 0.25;
    assertThat(Demould.frostSafeAgeH(new StrengthCurve.En1992(0.25)))
        .isCloseTo(28 * 24 / (root * root), within(1e-5))
        .isCloseTo(7.3, within(0.005));
    assertThat(Demould.frostSafeAgeH(new StrengthCurve.Aci209(4, 0.85)))
        .isCloseTo(24 * 4.0 * share / (1 - 0.85 * share), within(1e-5));
  }

  /** The first day is 24 hours: a night that begins at its end is not of it. */
  @Test
  void onlyTheFirstDayIsToBeKeptFromCold() {
    assertThat(codes(frostless(23.9).warnings())).containsExactly(FindingCode.CURE_COLD);
    assertThat(codes(frostless(24).warnings())).isEmpty();
  }

  private static DemouldResult frostless(double warmH) {
    return Demould.of(
        new DemouldRequest(
            List.of(),
            List.of(new TemperatureSpan(warmH, 20), new TemperatureSpan(10, 4)),
            12,
            null,
            null,
            null,
            Double.NaN));
  }

  /** What has passed 3.5 MPa may freeze: at 20 degrees 2.7 MPa after 6 h, 3.9 after 8. */
  @Test
  void frostIsSaidOnlyBeforeItIsSafe() {
    assertThat(codes(frozenAfter(6).warnings())).contains(FindingCode.CURE_FROST);
    assertThat(codes(frozenAfter(8).warnings())).doesNotContain(FindingCode.CURE_FROST);
  }

  private static DemouldResult frozenAfter(double warmH) {
    return Demould.of(
        new DemouldRequest(
            List.of(new TemperatureSpan(warmH, 20)),
            List.of(new TemperatureSpan(6, -4), new TemperatureSpan(1, 20)),
            24,
            null,
            null,
            null,
            Double.NaN));
  }
}
