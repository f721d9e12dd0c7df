package ironshelf.core.material;

import static java.util.Objects.requireNonNull;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.style.UnitSystem;
import org.jspecify.annotations.Nullable;

/**
 * A material that the application ships with; the shop can change every value.
 *
 * @param code short name in lower case, unique
 * @param relativeDensity of the grain, or of the liquid, against water, over 0 and up to 25
 * @param bulkDensityKgM3 loose, as scooped, over 0 and up to 10 000
 * @param solidsPercent what is left of it when its water is gone, over 0 and up to 100
 * @param cementPercent how much of a binder is cement, over 0 and up to 100; 0 for what is no
 *     binder
 * @param largestGrainMm null where there are no grains to speak of
 * @param pack as it is sold where people use metric units, for example {@code 25 kg bag}; empty
 *     where it is not sold in packs
 * @param packUs the same where they use US units, for example {@code 94 lb bag}
 * @param pieceG mass of one, of what is counted; null where it is weighed
 * @param leadDays from ordering it to having it, 0 to 365
 * @param note a caution of its data sheet; may be empty
 * @param source where the values come from
 */
public record StartingMaterial(
    String code,
    String name,
    Role role,
    double relativeDensity,
    double bulkDensityKgM3,
    double solidsPercent,
    double cementPercent,
    @Nullable Double largestGrainMm,
    String pack,
    String packUs,
    @Nullable Double pieceG,
    int leadDays,
    String note,
    String source) {

  public StartingMaterial {
    requireNonNull(role, "role");
    requireNonNull(pack, "pack");
    requireNonNull(packUs, "packUs");
    requireNonNull(note, "note");
    Findings findings =
        new Findings()
            .text("code", code, 40)
            .text("name", name, 80)
            .above("relativeDensity", relativeDensity, 0, 25)
            .above("bulkDensityKgM3", bulkDensityKgM3, 0, 10_000)
            .above("solidsPercent", solidsPercent, 0, 100)
            .within("cementPercent", cementPercent, role == Role.BINDER ? 1 : 0, 100)
            .within("leadDays", leadDays, 0, 365)
            .text("source", source, 200);
    if (largestGrainMm != null) {
      findings.above("largestGrainMm", largestGrainMm, 0, 100);
    }
    if (pieceG != null) {
      findings.above("pieceG", pieceG, 0, 100_000);
    }
    findings.orRefuse();
  }

  /** Returns the same material, as it is sold where these units are used. */
  public StartingMaterial soldIn(UnitSystem units) {
    return units == UnitSystem.METRIC
        ? this
        : new StartingMaterial(
            code,
            name,
            role,
            relativeDensity,
            bulkDensityKgM3,
            solidsPercent,
            cementPercent,
            largestGrainMm,
            packUs,
            packUs,
            pieceG,
            leadDays,
            note,
            source);
  }
}
