package ironshelf.core.cure;

import static java.util.Objects.requireNonNullElse;

import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.util.List;
import java.util.Map;

/**
 * The rate at which concrete ages at a temperature, against its rate at the reference temperature.
 * Rises with temperature and is never negative.
 *
 * @param activationK activation energy over the gas constant, 1 000 to 10 000 K (5 000)
 * @param datumC the temperature below which Nurse and Saul count nothing, -20 to 15 (0)
 * @param referenceC 0 to 40, above the datum (20); EN 1992 has its own reference of 20
 */
public record Maturity(
    MaturityMethod method, double activationK, double datumC, double referenceC) {

  private static final double KELVIN = 273.15;

  public Maturity {
    method = requireNonNullElse(method, MaturityMethod.ARRHENIUS);
    activationK = Double.isNaN(activationK) ? 5_000 : activationK;
    datumC = Double.isNaN(datumC) ? 0 : datumC;
    referenceC = Double.isNaN(referenceC) ? 20 : referenceC;
    new Findings()
        .within("activationK", activationK, 1_000, 10_000)
        .within("datumC", datumC, -20, 15)
        .within("referenceC", referenceC, 0, 40)
        .addIf(
            referenceC <= datumC,
            FindingCode.NUMBER_NOT_ABOVE,
            "referenceC",
            Map.of("value", referenceC, "low", datumC))
        .orRefuse();
  }

  /** Returns the method with its usual constants. */
  public static Maturity usual(MaturityMethod method) {
    return new Maturity(method, Double.NaN, Double.NaN, Double.NaN);
  }

  /** Returns the hours at the reference temperature that one hour at this temperature is worth. */
  public double rate(double concreteC) {
    return switch (method) {
      case ARRHENIUS ->
          Math.exp(-activationK * (1 / (concreteC + KELVIN) - 1 / (referenceC + KELVIN)));
      case NURSE_SAUL -> Math.max(0, concreteC - datumC) / (referenceC - datumC);
      case EN1992 -> Math.exp(-(4000 / (273 + concreteC) - 13.65));
    };
  }

  /**
   * Returns the temperature at which concrete ages at this rate: the inverse of {@link #rate}.
   *
   * @param rate over 0
   */
  public double concreteCFor(double rate) {
    new Findings().above("rate", rate, 0, 1e6).orRefuse();
    return switch (method) {
      case ARRHENIUS -> 1 / (1 / (referenceC + KELVIN) - Math.log(rate) / activationK) - KELVIN;
      case NURSE_SAUL -> datumC + rate * (referenceC - datumC);
      case EN1992 -> 4000 / (13.65 - Math.log(rate)) - 273;
    };
  }

  /** Equivalent age of a history, in hours at the reference temperature. */
  public double equivalentAgeH(List<TemperatureSpan> history) {
    return history.stream().mapToDouble(s -> s.hours() * rate(s.concreteC())).sum();
  }

  /** Returns the temperature-time factor of Nurse and Saul in degree-hours over the datum. */
  public double degreeHours(List<TemperatureSpan> history) {
    return history.stream().mapToDouble(s -> s.hours() * Math.max(0, s.concreteC() - datumC)).sum();
  }
}
