package ironshelf.core.cure;

import ironshelf.core.cure.binder.StrengthCurve;
import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Root;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The demould gate by equivalent age (docs/method/temperatures.md): along the history, then along
 * the forecast, whose last temperature goes on.
 *
 * <p>Exact along each span. Touch decides as well as the clock: the sum promises an age, not that
 * the piece holds.
 */
public final class Demould {

  /** ACI 306R: protect the fresh concrete from less than 40 °F (about 5 °C). */
  static final double COLD_C = 5;

  /** ACI 305.1: fresh concrete is kept to 95 °F (35 °C). */
  static final double WARM_C = 35;

  static final double FIRST_DAY_H = 24;

  /** ACI 306R: safe against one frost from 500 psi (about 3.5 MPa). */
  static final double FROST_SAFE_MPA = 3.5;

  /** 28-day strength that frost is judged with where none is known. */
  static final double USUAL_MPA = 30;

  private static final double FINE_H = 1e-6;

  private Demould() {}

  public static DemouldResult of(DemouldRequest request) {
    double ageH = request.maturity().equivalentAgeH(request.history());
    Double readyInH = hoursUntil(request, ageH, request.demouldAgeH());
    Double closesInH =
        request.greenUntilAgeH() == null
            ? null
            : hoursUntil(request, ageH, request.greenUntilAgeH());
    return new DemouldResult(
        readyInH, closesInH, ageH, request.curve().shareAt(ageH), warnings(request, readyInH));
  }

  /** Returns the equivalent age from which one frost does no harm, at the usual 28-day strength. */
  public static double frostSafeAgeH(StrengthCurve curve) {
    return Root.of(
        ageH -> curve.shareAt(ageH) * USUAL_MPA - FROST_SAFE_MPA,
        0,
        StrengthCurve.HOURS_28_D,
        FINE_H);
  }

  /**
   * Returns what a casting's temperatures are to be warned of.
   *
   * @param lowUnsafeC the lowest before it is safe from frost
   */
  public static List<Finding> warnings(AgeLine.Extremes firstDay, double lowUnsafeC) {
    List<Finding> warnings = new ArrayList<>();
    if (lowUnsafeC < 0) {
      warnings.add(
          Finding.of(FindingCode.CURE_FROST, Map.of("value", lowUnsafeC, "safe", FROST_SAFE_MPA)));
    } else if (firstDay.lowC() < COLD_C) {
      warnings.add(
          Finding.of(FindingCode.CURE_COLD, Map.of("value", firstDay.lowC(), "least", COLD_C)));
    }
    if (firstDay.highC() > WARM_C && firstDay.highC() <= DemouldRequest.HOTTEST_C) {
      warnings.add(
          Finding.of(FindingCode.CURE_WARM, Map.of("value", firstDay.highC(), "most", WARM_C)));
    }
    if (firstDay.highC() > DemouldRequest.HOTTEST_C) {
      warnings.add(
          Finding.of(
              FindingCode.CURE_HOT,
              Map.of("value", firstDay.highC(), "most", DemouldRequest.HOTTEST_C)));
    }
    return warnings;
  }

  /** Returns the hours from now until an equivalent age is reached; null where it never is. */
  private static Double hoursUntil(DemouldRequest request, double ageNowH, double wantedH) {
    double left = wantedH - ageNowH;
    if (left <= 0) {
      return 0.0;
    }
    double hours = 0;
    for (TemperatureSpan span : request.forecast()) {
      double gain = span.hours() * request.maturity().rate(span.concreteC());
      if (gain >= left) {
        return hours + left / request.maturity().rate(span.concreteC());
      }
      left -= gain;
      hours += span.hours();
    }
    double lastRate = request.maturity().rate(lastC(request));
    return lastRate > 0 ? Double.valueOf(hours + left / lastRate) : null;
  }

  private static double lastC(DemouldRequest request) {
    List<TemperatureSpan> spans =
        request.forecast().isEmpty() ? request.history() : request.forecast();
    return spans.get(spans.size() - 1).concreteC();
  }

  private static List<Finding> warnings(DemouldRequest request, Double readyInH) {
    List<Finding> warnings = new ArrayList<>();
    List<TemperatureSpan> all = new ArrayList<>(request.history());
    all.addAll(request.forecast());
    double coldest = Double.NaN;
    double frost = Double.NaN;
    double hours = 0;
    double ageH = 0;
    for (TemperatureSpan span : all) {
      double mpa = request.curve().shareAt(ageH) * request.strength28Mpa();
      if (hours < FIRST_DAY_H && span.concreteC() < COLD_C) {
        coldest = Double.isNaN(coldest) ? span.concreteC() : Math.min(coldest, span.concreteC());
      }
      if (span.concreteC() < 0 && mpa < FROST_SAFE_MPA) {
        frost = Double.isNaN(frost) ? span.concreteC() : Math.min(frost, span.concreteC());
      }
      hours += span.hours();
      ageH += span.hours() * request.maturity().rate(span.concreteC());
    }
    if (!Double.isNaN(frost)) {
      warnings.add(
          Finding.of(FindingCode.CURE_FROST, Map.of("value", frost, "safe", FROST_SAFE_MPA)));
    } else if (!Double.isNaN(coldest)) {
      warnings.add(Finding.of(FindingCode.CURE_COLD, Map.of("value", coldest, "least", COLD_C)));
    }
    if (readyInH == null) {
      warnings.add(
          Finding.of(
              FindingCode.CURE_NEVER,
              Map.of("value", lastC(request), "datum", request.maturity().datumC())));
    }
    return List.copyOf(warnings);
  }
}
