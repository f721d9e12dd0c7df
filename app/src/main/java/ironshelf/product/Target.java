package ironshelf.product;

import ironshelf.core.pour.CastTake;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.Map;

/**
 * The dry mass that a product is sold by.
 *
 * @param massKg hardware included, over 0 and up to 5 000
 * @param toleranceKg either way, 0 or more
 * @param hardwareKg handles, inserts, wire; under the mass
 */
public record Target(
    double massKg, @WhenMissing("0") double toleranceKg, @WhenMissing("0") double hardwareKg) {

  public Target {
    toleranceKg = Double.isNaN(toleranceKg) ? 0 : toleranceKg;
    hardwareKg = Double.isNaN(hardwareKg) ? 0 : hardwareKg;
    new Findings()
        .above("massKg", massKg, 0, Findings.MAX_MASS_KG)
        .within("toleranceKg", toleranceKg, 0, Findings.MAX_MASS_KG)
        .within("hardwareKg", hardwareKg, 0, Findings.MAX_MASS_KG)
        .addIf(
            hardwareKg >= massKg,
            FindingCode.NUMBER_TOO_LARGE,
            "hardwareKg",
            Map.of("value", hardwareKg, "high", massKg))
        .orRefuse();
  }

  /** As the sum of a cast takes it. */
  public CastTake.Sold sold(double retention) {
    return new CastTake.Sold(massKg, hardwareKg, retention);
  }
}
