package ironshelf.core.recipe;

import ironshelf.core.material.Role;
import ironshelf.core.material.StartingMaterial;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One ingredient of a recipe. Amounts are of the dry material; moisture is added when it is weighed
 * out (ACI 211.1-91, 5.3.8).
 *
 * @param amount over 0 and up to 100 000, in the unit of the basis
 * @param relativeDensity of the grain against water, over 0 and up to 25
 * @param bulkDensityKgM3 loose, over 0 and up to 10 000; null where not known, refused then with
 *     parts by volume. Water that gives none has its own density.
 * @param moisturePercent water the material carries, of its dry mass, 0 to 200
 * @param absorptionPercent the part of it that the grain keeps to itself, 0 to 100
 * @param packKg what one bag or tub holds; null where it is not sold so
 * @param cementPercent how much of a binder is cement, over 0 and up to 100: pigment is a percent
 *     of that; does not matter to what is no binder
 * @param solidsPercent what is left of an admixture when its water is gone, over 0 and up to 100:
 *     its water counts as mixing water (ACI 211.1-91, 5.3.9; ACI 548.3R for latex)
 * @param largestGrainMm over 0 and up to 100; null where there are no grains to speak of
 */
public record Ingredient(
    String name,
    Role role,
    Basis basis,
    double amount,
    double relativeDensity,
    @Nullable Double bulkDensityKgM3,
    @WhenMissing("0") double moisturePercent,
    @WhenMissing("0") double absorptionPercent,
    @Nullable Double packKg,
    @WhenMissing("100") double cementPercent,
    @WhenMissing("100") double solidsPercent,
    @Nullable Double largestGrainMm) {

  public Ingredient {
    if (role == Role.WATER) {
      relativeDensity = Double.isNaN(relativeDensity) ? 1 : relativeDensity;
      bulkDensityKgM3 = bulkDensityKgM3 == null ? Double.valueOf(998) : bulkDensityKgM3;
    }
    moisturePercent = Double.isNaN(moisturePercent) ? 0 : moisturePercent;
    absorptionPercent = Double.isNaN(absorptionPercent) ? 0 : absorptionPercent;
    cementPercent = Double.isNaN(cementPercent) ? 100 : cementPercent;
    solidsPercent = Double.isNaN(solidsPercent) ? 100 : solidsPercent;
    Findings findings =
        new Findings()
            .text("name", name, 80)
            .present("role", role)
            .addIf(
                role != null && !role.isInMix(),
                FindingCode.ROLE_NOT_IN_MIX,
                "role",
                Map.of("value", String.valueOf(name)))
            .present("basis", basis)
            .above("amount", amount, 0, 100_000)
            .above("relativeDensity", relativeDensity, 0, 25)
            .within("moisturePercent", moisturePercent, 0, 200)
            .within("absorptionPercent", absorptionPercent, 0, 100)
            .within("cementPercent", cementPercent, 0, 100)
            .above("solidsPercent", solidsPercent, 0, 100);
    if (largestGrainMm != null) {
      findings.above("largestGrainMm", largestGrainMm, 0, 100);
    }
    if (bulkDensityKgM3 != null) {
      findings.above("bulkDensityKgM3", bulkDensityKgM3, 0, 10_000);
    }
    if (packKg != null) {
      findings.above("packKg", packKg, 0, Findings.MAX_MASS_KG);
    }
    findings
        .addIf(
            basis == Basis.PARTS_BY_VOLUME && bulkDensityKgM3 == null,
            FindingCode.INGREDIENT_BULK_MISSING,
            "bulkDensityKgM3",
            Map.of("name", String.valueOf(name)))
        .orRefuse();
  }

  /** An ingredient that is cement, or solid, through and through; its grain is not known. */
  public Ingredient(
      String name,
      Role role,
      Basis basis,
      double amount,
      double relativeDensity,
      @Nullable Double bulkDensityKgM3,
      double moisturePercent,
      double absorptionPercent,
      @Nullable Double packKg) {
    this(
        name,
        role,
        basis,
        amount,
        relativeDensity,
        bulkDensityKgM3,
        moisturePercent,
        absorptionPercent,
        packKg,
        100,
        100,
        null);
  }

  /** Returns an ingredient whose parts are in that basis, dry, not sold by the bag. */
  public static Ingredient of(
      String name,
      Role role,
      Basis basis,
      double amount,
      double relativeDensity,
      @Nullable Double bulkDensityKgM3) {
    return new Ingredient(name, role, basis, amount, relativeDensity, bulkDensityKgM3, 0, 0, null);
  }

  /** Returns an ingredient of a material as shipped, dry. */
  public static Ingredient of(StartingMaterial material, Basis basis, double amount) {
    return new Ingredient(
        material.name(),
        material.role(),
        basis,
        amount,
        material.relativeDensity(),
        material.bulkDensityKgM3(),
        0,
        0,
        null,
        material.cementPercent(),
        material.solidsPercent(),
        material.largestGrainMm());
  }

  /** Returns the same ingredient at another amount. */
  public Ingredient withAmount(double other) {
    return new Ingredient(
        name,
        role,
        basis,
        other,
        relativeDensity,
        bulkDensityKgM3,
        moisturePercent,
        absorptionPercent,
        packKg,
        cementPercent,
        solidsPercent,
        largestGrainMm);
  }

  /**
   * Returns the same ingredient without water of its own: aggregate surface-dry, an admixture as
   * solids.
   */
  Ingredient withoutFreeWater() {
    return new Ingredient(
        name,
        role,
        basis,
        amount,
        relativeDensity,
        bulkDensityKgM3,
        absorptionPercent,
        absorptionPercent,
        packKg,
        cementPercent,
        100,
        largestGrainMm);
  }

  /**
   * Water free to mix, of the mass in the recipe: what the grain carries less what it absorbs,
   * which may be negative, and the water of a liquid admixture.
   */
  double freeWaterShare() {
    return (moisturePercent - absorptionPercent) / 100 + carriedWaterShare();
  }

  /** Returns the part of an admixture that is water. */
  double carriedWaterShare() {
    return role == Role.ADMIXTURE ? 1 - solidsPercent / 100 : 0;
  }
}
