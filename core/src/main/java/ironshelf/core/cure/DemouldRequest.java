package ironshelf.core.cure;

import ironshelf.core.cure.binder.StrengthCurve;
import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A casting and the temperatures it has had and will have. What is not given takes the value in
 * brackets.
 *
 * @param history since wetting, in order; may be empty
 * @param forecast from now on, in order; its last temperature goes on for ever, or the history's
 * @param demouldAgeH equivalent age at which it may come out, over 0 and up to 10 000
 * @param greenUntilAgeH equivalent age until which it trims easily; null where it has no window
 * @param curve (EN 1992 class N)
 * @param strength28Mpa 28-day strength that frost is judged with, 1 to 200 (30)
 */
public record DemouldRequest(
    List<TemperatureSpan> history,
    List<TemperatureSpan> forecast,
    double demouldAgeH,
    @Nullable Double greenUntilAgeH,
    @Nullable Maturity maturity,
    @Nullable StrengthCurve curve,
    double strength28Mpa) {

  private static final int MOST_SPANS = 100_000;
  private static final double MOST_AGE_H = 10_000;

  /** EN 13670, 8.5: concrete is not let over 70 degrees while it cures. */
  static final double HOTTEST_C = 70;

  public DemouldRequest {
    history = history == null ? List.of() : history;
    forecast = forecast == null ? List.of() : forecast;
    maturity = maturity == null ? Maturity.usual(MaturityMethod.ARRHENIUS) : maturity;
    curve = curve == null ? new StrengthCurve.En1992(0.25) : curve;
    strength28Mpa = Double.isNaN(strength28Mpa) ? Demould.USUAL_MPA : strength28Mpa;
    Findings findings = new Findings();
    if (history.isEmpty() && forecast.isEmpty()) {
      findings.add(new Finding(FindingCode.TEMPERATURES_MISSING, "forecast", Map.of()));
    }
    refuseBadSpans(findings, "history", history);
    refuseBadSpans(findings, "forecast", forecast);
    findings
        .above("demouldAgeH", demouldAgeH, 0, MOST_AGE_H)
        .within("strength28Mpa", strength28Mpa, 1, 200);
    if (greenUntilAgeH != null) {
      findings
          .above("greenUntilAgeH", greenUntilAgeH, 0, MOST_AGE_H)
          .addIf(
              greenUntilAgeH < demouldAgeH,
              FindingCode.GREEN_BEFORE_DEMOULD,
              "greenUntilAgeH",
              Map.of("value", greenUntilAgeH, "demould", demouldAgeH));
    }
    findings.orRefuse();
    history = List.copyOf(history);
    forecast = List.copyOf(forecast);
  }

  /** Returns a casting that has just been filled, in a room that keeps one temperature. */
  public static DemouldRequest inRoom(
      double roomC, double demouldAgeH, @Nullable Double greenUntilAgeH) {
    return new DemouldRequest(
        List.of(),
        List.of(new TemperatureSpan(1, roomC)),
        demouldAgeH,
        greenUntilAgeH,
        null,
        null,
        Double.NaN);
  }

  /** Notes spans that no cure may have, at their fields. */
  public static void refuseBadSpans(
      Findings findings, String field, @Nullable List<TemperatureSpan> spans) {
    if (spans == null || spans.isEmpty()) {
      return;
    }
    findings.list(field, spans, MOST_SPANS);
    for (int i = 0; i < spans.size(); i++) {
      TemperatureSpan span = spans.get(i);
      findings.addIf(
          span != null && span.concreteC() > HOTTEST_C,
          FindingCode.CURE_TOO_HOT,
          field + "." + i + ".concreteC",
          Map.of("value", span == null ? 0 : span.concreteC(), "most", HOTTEST_C));
    }
  }
}
