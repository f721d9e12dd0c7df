package ironshelf.material;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What the shop knows better of a material.
 *
 * @param packKg what one bag or tub holds; null where it is not sold so
 * @param scoopKg mass of one level scoop of the shop's own; null keeps the density as it is
 * @param spoonG mass of one level spoon
 * @param moisturePercent water that it carries as it lies, of its dry mass, 0 to 50
 * @param absorptionPercent of that, what it keeps to itself, 0 to 30
 * @param leadDays from ordering it to having it, 0 to 365 (5)
 */
public record MaterialChange(
    @Nullable Double packKg,
    @Nullable BigDecimal pricePerPack,
    @Nullable Double scoopKg,
    @Nullable Double spoonG,
    @WhenMissing("0") double moisturePercent,
    @WhenMissing("0") double absorptionPercent,
    @WhenMissing("5") double leadDays) {

  private static final BigDecimal MOST = new BigDecimal(100_000);

  public MaterialChange {
    moisturePercent = Double.isNaN(moisturePercent) ? 0 : moisturePercent;
    absorptionPercent = Double.isNaN(absorptionPercent) ? 0 : absorptionPercent;
    leadDays = Double.isNaN(leadDays) ? 5 : Math.rint(leadDays);
    Findings findings =
        new Findings()
            .within("leadDays", leadDays, 0, 365)
            .within("moisturePercent", moisturePercent, 0, 50)
            .within("absorptionPercent", absorptionPercent, 0, 30);
    if (packKg != null) {
      findings.above("packKg", packKg, 0, Findings.MAX_MASS_KG);
    }
    if (scoopKg != null) {
      findings.above("scoopKg", scoopKg, 0, 100);
    }
    if (spoonG != null) {
      findings.above("spoonG", spoonG, 0, 1_000);
    }
    findings
        .addIf(
            pricePerPack != null && (pricePerPack.signum() < 0 || pricePerPack.compareTo(MOST) > 0),
            FindingCode.NUMBER_TOO_LARGE,
            "pricePerPack",
            Map.of("value", String.valueOf(pricePerPack), "high", MOST))
        .orRefuse();
    pricePerPack = pricePerPack == null ? null : pricePerPack.setScale(2, RoundingMode.HALF_UP);
  }
}
