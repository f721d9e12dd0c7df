package ironshelf.core.cure;

import ironshelf.core.cure.binder.StrengthCurve;
import ironshelf.core.cure.temperature.TemperatureSpan;
import java.util.List;

/**
 * The same history by three methods, each with the share of 28-day strength that it gives on one
 * curve (docs/method/temperatures.md). They differ: that is what standing side by side is for. Not
 * promised: the strength of the piece, which only a test tells.
 */
public record Strength(List<ByMethod> methods) {

  /** One method's answer. */
  public record ByMethod(
      MaturityMethod method, double equivalentAgeH, double share, String source) {}

  public Strength {
    methods = List.copyOf(methods);
  }

  public static Strength of(List<TemperatureSpan> history, StrengthCurve curve) {
    return new Strength(
        List.of(
            by(MaturityMethod.ARRHENIUS, "ASTM C1074, equivalent age, Q 5000 K", history, curve),
            by(
                MaturityMethod.NURSE_SAUL,
                "ASTM C1074, Nurse and Saul, datum at freezing",
                history,
                curve),
            by(MaturityMethod.EN1992, "EN 1992-1-1, B.10", history, curve)));
  }

  private static ByMethod by(
      MaturityMethod method, String source, List<TemperatureSpan> history, StrengthCurve curve) {
    double ageH = Maturity.usual(method).equivalentAgeH(history);
    return new ByMethod(method, ageH, curve.shareAt(ageH), source);
  }
}
