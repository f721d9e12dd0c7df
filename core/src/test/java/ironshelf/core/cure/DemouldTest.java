package ironshelf.core.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Check values: docs/method/temperatures.md. */
@Tag("accuracy")
class DemouldTest {

  private static final List<TemperatureSpan> NIGHT =
      List.of(span(6, 18), span(12, 10), span(6, 16));

  @Test
  void arrheniusRates() {
    Maturity maturity = Maturity.usual(MaturityMethod.ARRHENIUS);
    assertThat(maturity.rate(10)).isCloseTo(0.5475, within(5e-5));
    assertThat(maturity.rate(30)).isCloseTo(1.755, within(5e-4));
    assertThat(maturity.rate(20)).isEqualTo(1);
  }

  @Test
  void aColdNight() {
    assertThat(Maturity.usual(MaturityMethod.ARRHENIUS).equivalentAgeH(NIGHT))
        .isCloseTo(16.65, within(5e-3));
    assertThat(Maturity.usual(MaturityMethod.NURSE_SAUL).degreeHours(NIGHT))
        .isCloseTo(324, within(1e-9));
  }

  /** EN 1992-1-1, B.10: at 20 degrees the rate is 1 to within its rounded constants. */
  @Test
  void en1992HasItsReferenceAtTwenty() {
    assertThat(Maturity.usual(MaturityMethod.EN1992).rate(20)).isCloseTo(1, within(0.002));
    assertThat(Maturity.usual(MaturityMethod.EN1992).rate(10)).isCloseTo(0.616, within(0.002));
  }

  /** 24 h at 20 degrees takes 38.7 h at 12; done in 15 h it needs 28.3. */
  @ParameterizedTest
  @CsvSource({"12, 38.7", "28.3, 15.0", "20, 24"})
  void aDayAtTwentyTakes(double roomC, double hours) {
    DemouldResult result = Demould.of(DemouldRequest.inRoom(roomC, 24, 48.0));
    assertThat(result.readyInH()).isCloseTo(hours, within(0.05));
    assertThat(result.greenClosesInH()).isCloseTo(2 * result.readyInH(), within(1e-9));
    assertThat(result.equivalentAgeH()).isZero();
    assertThat(result.strengthFraction()).isZero();
  }

  @Test
  void whatIsBehindCounts() {
    DemouldResult result = Demould.of(request(NIGHT, List.of(span(1, 20)), 24, null));
    assertThat(result.readyInH()).isCloseTo(24 - 16.65, within(0.005));
    assertThat(result.greenClosesInH()).isNull();
    assertThat(Demould.of(request(NIGHT, List.of(), 16, 16.5)).readyInH()).isZero();
    assertThat(Demould.of(request(NIGHT, List.of(), 16, 16.5)).greenClosesInH()).isZero();
  }

  @Test
  void theLastTemperatureGoesOn() {
    DemouldResult result =
        Demould.of(request(List.of(), List.of(span(10, 20), span(1, 10)), 24, null));
    assertThat(result.readyInH()).isCloseTo(10 + 14 / 0.5475, within(0.01));
  }

  @Test
  void belowTheDatumItNeverComes() {
    DemouldResult result =
        Demould.of(
            new DemouldRequest(
                List.of(),
                List.of(span(1, -2)),
                24,
                null,
                Maturity.usual(MaturityMethod.NURSE_SAUL),
                null,
                Double.NaN));
    assertThat(result.readyInH()).isNull();
    assertThat(codes(result)).containsExactly(FindingCode.CURE_FROST, FindingCode.CURE_NEVER);
  }

  @Test
  void coldIsSaidAndFrostIsSaidLouder() {
    assertThat(codes(Demould.of(request(List.of(), List.of(span(1, 4)), 24, null))))
        .containsExactly(FindingCode.CURE_COLD);
    assertThat(codes(Demould.of(request(List.of(span(3, 4)), List.of(span(9, -1)), 24, null))))
        .containsExactly(FindingCode.CURE_FROST);
    // A week at 20 degrees is safe against a frost.
    assertThat(codes(Demould.of(request(List.of(span(168, 20), span(9, -5)), List.of(), 24, null))))
        .isEmpty();
  }

  @Test
  void refusesNonsenseAllAtOnce() {
    assertThat(refusal(() -> request(List.of(), List.of(), Double.NaN, -1.0)))
        .extracting(Finding::field)
        .containsExactly("forecast", "demouldAgeH", "greenUntilAgeH");
    assertThat(refusal(() -> request(List.of(span(1, 71)), List.of(), 24, 20.0)))
        .extracting(Finding::code)
        .containsExactly(FindingCode.CURE_TOO_HOT, FindingCode.GREEN_BEFORE_DEMOULD);
    assertThat(refusal(() -> span(0, Double.NaN)))
        .extracting(Finding::field)
        .containsExactly("hours", "concreteC");
    assertThat(refusal(() -> new Maturity(null, 0, 0, 0)))
        .extracting(Finding::field)
        .containsExactly("activationK", "referenceC");
  }

  @ParameterizedTest
  @EnumSource(MaturityMethod.class)
  void warmerIsNeverSlower(MaturityMethod method) {
    Maturity maturity = Maturity.usual(method);
    double before = 0;
    for (double c = -20; c <= 70; c += 0.5) {
      assertThat(maturity.rate(c)).isGreaterThanOrEqualTo(before);
      before = maturity.rate(c);
    }
  }

  /** Cutting a history into more spans, or asking later along it, changes nothing. */
  @ParameterizedTest
  @CsvSource({"1", "2", "3", "4", "5"})
  void timeAddsUp(long seed) {
    Random random = new Random(seed);
    List<TemperatureSpan> whole = new ArrayList<>();
    List<TemperatureSpan> halves = new ArrayList<>();
    for (int i = 0; i < 50; i++) {
      double hours = 0.1 + random.nextDouble();
      double c = random.nextDouble() * 30;
      whole.add(span(hours, c));
      halves.add(span(hours / 2, c));
      halves.add(span(hours / 2, c));
    }
    double fromStart = Demould.of(request(List.of(), whole, 20, null)).readyInH();
    assertThat(Demould.of(request(List.of(), halves, 20, null)).readyInH())
        .isCloseTo(fromStart, within(1e-9));
    double passed = whole.subList(0, 5).stream().mapToDouble(TemperatureSpan::hours).sum();
    assertThat(Demould.of(request(whole.subList(0, 5), whole.subList(5, 50), 20, null)).readyInH())
        .isCloseTo(fromStart - passed, within(1e-9));
  }

  static TemperatureSpan span(double hours, double c) {
    return new TemperatureSpan(hours, c);
  }

  private static DemouldRequest request(
      List<TemperatureSpan> history, List<TemperatureSpan> forecast, double age, Double green) {
    return new DemouldRequest(history, forecast, age, green, null, null, Double.NaN);
  }

  private static List<FindingCode> codes(DemouldResult result) {
    return result.warnings().stream().map(Finding::code).toList();
  }

  private static List<Finding> refusal(org.assertj.core.api.ThrowableAssert.ThrowingCallable call) {
    RefusedException refused = catchThrowableOfType(RefusedException.class, call);
    assertThat(refused).isNotNull();
    return refused.findings();
  }
}
