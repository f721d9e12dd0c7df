package ironshelf.core.cure;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The demould gate by equivalent age (handbook 2-3): along the history, then along the forecast,
 * whose last temperature goes on.
 *
 * <p>Exact along each span. Touch decides as well as the clock: the sum promises an age, not that
 * the piece holds.
 */
public final class Demould {

  /** ACI 306R: protect the fresh concrete from less than 40 °F (about 5 °C). */
  static final double COLD_C = 5;

  static final double FIRST_DAY_H = 24;

  /** ACI 306R: safe against one frost from 500 psi (about 3.5 MPa). */
  static final double FROST_SAFE_MPA = 3.5;

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

  /** Hours from now until an equivalent age is reached; null where it never is. */
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
