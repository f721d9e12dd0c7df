package ironshelf.core.cure;

import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * How warm a tent must keep the concrete so that it comes out by a moment
 * (docs/method/temperatures.md, solved for T). Steady from now on; the heat of setting, which
 * helps, is not counted.
 *
 * @param tentC at that, or at the most that is allowed
 * @param reached whether it is in time at all
 * @param readyInH from now, at that temperature
 */
public record Tent(double tentC, boolean reached, double readyInH, List<Finding> warnings) {

  private static final double COLDEST_C = -20;

  public Tent {
    warnings = List.copyOf(warnings);
  }

  /**
   * @param history since wetting; may be empty
   * @param hoursLeft until it must come out, over 0 and up to 10 000
   * @param demouldAgeH equivalent age at which it may, over 0 and up to 10 000
   */
  public static Tent of(
      List<TemperatureSpan> history, double hoursLeft, double demouldAgeH, Maturity maturity) {
    Findings findings = new Findings();
    DemouldRequest.refuseBadSpans(findings, "history", history);
    findings
        .above("hoursLeft", hoursLeft, 0, 10_000)
        .above("demouldAgeH", demouldAgeH, 0, 10_000)
        .orRefuse();
    double left = demouldAgeH - maturity.equivalentAgeH(history);
    if (left <= 0) {
      return new Tent(COLDEST_C, true, 0, List.of());
    }
    double wantedRate = left / hoursLeft;
    boolean reached = wantedRate <= maturity.rate(DemouldRequest.HOTTEST_C);
    double tentC =
        reached ? Math.max(COLDEST_C, maturity.concreteCFor(wantedRate)) : DemouldRequest.HOTTEST_C;
    List<Finding> warnings = new ArrayList<>();
    if (!reached) {
      warnings.add(
          Finding.of(
              FindingCode.TENT_TOO_LATE,
              Map.of(
                  "most",
                  DemouldRequest.HOTTEST_C,
                  "value",
                  left / maturity.rate(DemouldRequest.HOTTEST_C))));
    } else if (tentC < Demould.COLD_C) {
      warnings.add(
          Finding.of(FindingCode.CURE_COLD, Map.of("value", tentC, "least", Demould.COLD_C)));
    }
    return new Tent(tentC, reached, left / maturity.rate(tentC), warnings);
  }
}
