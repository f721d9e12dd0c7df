package ironshelf.core.cure.temperature;

import ironshelf.core.quantity.Findings;

/**
 * A stretch of time at one temperature of the concrete.
 *
 * @param hours over 0 and up to 100 000
 * @param concreteC -60 to 200; over 70 is refused where a cure is judged, not here
 */
public record TemperatureSpan(double hours, double concreteC) {

  public TemperatureSpan {
    new Findings()
        .above("hours", hours, 0, 100_000)
        .within("concreteC", concreteC, -60, 200)
        .orRefuse();
  }
}
