package ironshelf.material;

import ironshelf.core.material.Role;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * A material as it is to be kept.
 *
 * @param relativeDensity of the grain, or of the liquid, against water, over 0 and up to 25
 * @param bulkDensityKgM3 loose, over 0 and up to 10 000; null where a scoop says it
 * @param solidsPercent what is left when its water is gone, over 0 and up to 100 (100)
 * @param cementPercent how much of a binder is cement, 1 to 100 (100 of a binder, else 0)
 * @param largestGrainMm over 0 and up to 100; null where there are no grains to speak of
 * @param pack as it is sold, for example {@code 80 lb bag}; null where it is not sold in packs
 * @param packKg what a pack holds; null where it is not sold so
 * @param pieceG mass of one, of what is counted; null where it is weighed
 * @param pricePerPack the usual one; each lot has its own
 * @param scoopKg mass of one level scoop of the shop's own; null keeps the density as it is
 * @param spoonG mass of one level spoon
 * @param moisturePercent water that it carries as it lies, of its dry mass, 0 to 50
 * @param absorptionPercent of that, what it keeps to itself, 0 to 30
 * @param leadDays from ordering it to having it, 0 to 365 (5)
 * @param note of its data sheet
 */
public record MaterialRequest(
    String name,
    @Nullable Role role,
    double relativeDensity,
    @Nullable Double bulkDensityKgM3,
    @WhenMissing("100") double solidsPercent,
    @WhenMissing("0") double cementPercent,
    @Nullable Double largestGrainMm,
    @Nullable String pack,
    @Nullable Double packKg,
    @Nullable Double pieceG,
    @Nullable BigDecimal pricePerPack,
    @Nullable Double scoopKg,
    @Nullable Double spoonG,
    @WhenMissing("0") double moisturePercent,
    @WhenMissing("0") double absorptionPercent,
    @WhenMissing("5") double leadDays,
    @Nullable String note) {

  private static final BigDecimal MOST = new BigDecimal(100_000);

  public MaterialRequest {
    solidsPercent = Double.isNaN(solidsPercent) ? 100 : solidsPercent;
    cementPercent = role != Role.BINDER ? 0 : Double.isNaN(cementPercent) ? 100 : cementPercent;
    moisturePercent = Double.isNaN(moisturePercent) ? 0 : moisturePercent;
    absorptionPercent = Double.isNaN(absorptionPercent) ? 0 : absorptionPercent;
    leadDays = Double.isNaN(leadDays) ? 5 : Math.rint(leadDays);
    pack = pack == null || pack.isBlank() ? null : pack.strip();
    note = note == null || note.isBlank() ? null : note.strip();
    Findings findings =
        new Findings()
            .text("name", name, 80)
            .present("role", role)
            .above("relativeDensity", relativeDensity, 0, 25)
            .above("solidsPercent", solidsPercent, 0, 100)
            .within("cementPercent", cementPercent, role == Role.BINDER ? 1 : 0, 100)
            .within("leadDays", leadDays, 0, 365)
            .within("moisturePercent", moisturePercent, 0, 50)
            .within("absorptionPercent", absorptionPercent, 0, 30);
    optional(findings, "bulkDensityKgM3", bulkDensityKgM3, 10_000);
    optional(findings, "largestGrainMm", largestGrainMm, 100);
    optional(findings, "packKg", packKg, Findings.MAX_MASS_KG);
    optional(findings, "pieceG", pieceG, 100_000);
    optional(findings, "scoopKg", scoopKg, 100);
    optional(findings, "spoonG", spoonG, 1_000);
    if (bulkDensityKgM3 == null && scoopKg == null) {
      findings.missing("bulkDensityKgM3");
    }
    if (pack != null) {
      findings.text("pack", pack, 60);
    }
    if (note != null) {
      findings.text("note", note, 300);
    }
    findings.amount("pricePerPack", pricePerPack, MOST);
    findings.orRefuse();
    pricePerPack = pricePerPack == null ? null : pricePerPack.setScale(2, RoundingMode.HALF_UP);
  }

  private static void optional(
      Findings findings, String field, @Nullable Double value, double most) {
    if (value != null) {
      findings.above(field, value, 0, most);
    }
  }

  /** Its loose density: as given, else as a scoop of that size says. */
  double bulkOrScoop(double scoopL) {
    return bulkDensityKgM3 != null
        ? bulkDensityKgM3
        : scoopKg == null ? 0 : scoopKg / scoopL * 1000;
  }

  MaterialRequest withPackKg(@Nullable Double kg) {
    return with(pack, kg, pricePerPack, spoonG, leadDays);
  }

  /** The same, as this shop buys and scoops it. */
  public MaterialRequest with(
      @Nullable String pack,
      @Nullable Double packKg,
      @Nullable BigDecimal pricePerPack,
      @Nullable Double spoonG,
      double leadDays) {
    return new MaterialRequest(
        name,
        role,
        relativeDensity,
        bulkDensityKgM3,
        solidsPercent,
        cementPercent,
        largestGrainMm,
        pack,
        packKg,
        pieceG,
        pricePerPack,
        scoopKg,
        spoonG,
        moisturePercent,
        absorptionPercent,
        leadDays,
        note);
  }
}
