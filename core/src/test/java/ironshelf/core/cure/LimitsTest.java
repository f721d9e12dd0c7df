package ironshelf.core.cure;

import static ironshelf.core.quantity.Refusals.assertRefusedAt;
import static ironshelf.core.quantity.Refusals.refusal;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.cure.TouchMarks.TouchMark;
import ironshelf.core.cure.binder.BinderClass;
import ironshelf.core.cure.binder.StrengthCurve;
import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.quantity.FindingCode;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the cure refuses, a value just past each limit, and what it says at the limit itself. */
class LimitsTest {

  private static final Maturity USUAL = Maturity.usual(MaturityMethod.ARRHENIUS);

  static Stream<Arguments> refused() {
    StrengthCurve curve = new StrengthCurve.En1992(0.25);
    return Stream.of(
        refusal("s", () -> new StrengthCurve.En1992(0.04)),
        refusal("a", () -> new StrengthCurve.Aci209(0, 0.85)),
        refusal("b", () -> new StrengthCurve.Aci209(4, 2.1)),
        refusal("points", () -> new StrengthCurve.Points(List.of())),
        refusal("hours", () -> new StrengthCurve.Point(0, 0.5)),
        refusal("share", () -> new StrengthCurve.Point(1, 2.1)),
        refusal("points.1", () -> points(12, 0.5, 12, 0.6)),
        refusal("points.1", () -> points(12, 0.5, 24, 0.4)),
        refusal("code", () -> new BinderClass("", "Neat", 4, null, 24, curve, "from memory")),
        refusal("demouldAgeH", () -> new BinderClass("n", "Neat", 0, null, 24, curve, "memory")),
        refusal("ageH", () -> new TouchMark(-1, Touch.FINE)),
        refusal("usedAgeH", () -> TouchMarks.of(List.of(), 0, null)),
        refusal("hoursLeft", () -> Tent.of(List.of(), 0, 24, USUAL)),
        refusal("demouldAgeH", () -> Tent.of(List.of(), 4, 0, USUAL)),
        refusal("rate", () -> USUAL.concreteCFor(0)),
        refusal("referenceC", () -> new Maturity(MaturityMethod.NURSE_SAUL, 5_000, 10, 10)),
        refusal("strength28Mpa", () -> request(24, null, 0.5)),
        refusal("greenUntilAgeH", () -> request(24, 23.9, 30)));
  }

  private static StrengthCurve points(double h1, double share1, double h2, double share2) {
    return new StrengthCurve.Points(
        List.of(new StrengthCurve.Point(h1, share1), new StrengthCurve.Point(h2, share2)));
  }

  private static DemouldRequest request(double demouldAgeH, Double greenUntilAgeH, double mpa) {
    return new DemouldRequest(
        List.of(new TemperatureSpan(1, 20)),
        List.of(),
        demouldAgeH,
        greenUntilAgeH,
        null,
        null,
        mpa);
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("refused")
  void refuses(String field, ThrowingCallable made) {
    assertRefusedAt(field, made);
  }

  @Test
  void takesTheLimitItself() {
    assertThat(request(24, 24.0, 1).greenUntilAgeH()).isEqualTo(24);
    assertThat(points(12, 0.5, 24, 0.5).shareAt(18)).isEqualTo(0.5);
    assertThat(new TouchMark(0, Touch.FINE).ageH()).isZero();
  }

  /** Straight from nothing to the first point, level after the last, each point on the line. */
  @Test
  void aCurveGoesThroughItsPoints() {
    StrengthCurve curve = points(12, 0.4, 48, 0.8);
    assertThat(curve.shareAt(-1)).isZero();
    assertThat(curve.shareAt(6)).isCloseTo(0.2, within(1e-12));
    assertThat(curve.shareAt(12)).isEqualTo(0.4);
    // Half way on the logarithm of age: sqrt(12 x 48) = 24.
    assertThat(curve.shareAt(24)).isCloseTo(0.6, within(1e-12));
    assertThat(curve.shareAt(48)).isEqualTo(0.8);
    assertThat(curve.shareAt(4_800)).isEqualTo(0.8);
    assertThat(new StrengthCurve.En1992(0.25).shareAt(0)).isZero();
    assertThat(new StrengthCurve.En1992(0.25).shareAt(672)).isEqualTo(1);
  }

  /** ASTM C1074: the temperature for a rate is the inverse of the rate. */
  @ParameterizedTest
  @MethodSource("methods")
  void theTemperatureForARateGivesThatRate(MaturityMethod method) {
    Maturity maturity = Maturity.usual(method);
    for (double rate : new double[] {0.3, 1, 2.5}) {
      assertThat(maturity.rate(maturity.concreteCFor(rate))).isCloseTo(rate, within(1e-9));
    }
  }

  static Stream<MaturityMethod> methods() {
    return Stream.of(MaturityMethod.values());
  }

  /** At 70 degrees the usual rate is exp(5000 (1/293.15 - 1/343.15)) = 12.00. */
  @Test
  void aTentIsInTimeUpToSeventyDegrees() {
    double fastest = USUAL.rate(70);
    assertThat(fastest).isCloseTo(12.00, within(0.005));
    Tent just = Tent.of(List.of(), 24 / fastest, 24, USUAL);
    assertThat(just.reached()).isTrue();
    assertThat(just.tentC()).isCloseTo(70, within(1e-6));
    Tent late = Tent.of(List.of(), 24 / fastest * 0.999, 24, USUAL);
    assertThat(late.reached()).isFalse();
    assertThat(late.tentC()).isEqualTo(70);
    assertThat(late.readyInH()).isCloseTo(24 / fastest, within(1e-9));
    assertThat(late.warnings().get(0).code()).isEqualTo(FindingCode.TENT_TOO_LATE);
    assertThat(late.warnings().get(0).params().get("value")).isEqualTo(24 / fastest);
  }

  @Test
  void aTentForWhatIsReadyNeedsNoWarmth() {
    Tent ready = Tent.of(List.of(new TemperatureSpan(24, 20)), 4, 24, USUAL);
    assertThat(ready.reached()).isTrue();
    assertThat(ready.readyInH()).isZero();
    assertThat(ready.warnings()).isEmpty();
  }

  /** Half of it is left of a day: 12 h in 12 h is 20 degrees. */
  @Test
  void aTentCountsWhatIsBehind() {
    Tent half = Tent.of(List.of(new TemperatureSpan(12, 20)), 12, 24, USUAL);
    assertThat(half.tentC()).isCloseTo(20, within(1e-9));
    assertThat(half.readyInH()).isCloseTo(12, within(1e-9));
    Tent slow = Tent.of(List.of(), 24 / USUAL.rate(4.9), 24, USUAL);
    assertThat(slow.warnings().get(0).code()).isEqualTo(FindingCode.CURE_COLD);
    assertThat(Tent.of(List.of(), 24 / USUAL.rate(5.1), 24, USUAL).warnings()).isEmpty();
  }
}
