package ironshelf.recipe;

import ironshelf.core.cure.binder.BinderClasses;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.Placement;
import ironshelf.core.recipe.Recipe;
import ironshelf.core.recipe.WaterWindow;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A version of a recipe to be kept.
 *
 * @param school of mixing, in words
 * @param placing how it is placed, in words
 * @param placement what is done to it in the mould; null: it is poured
 * @param caution at that step
 * @param strengthClass code of the binder class whose strength curve it follows
 * @param batchYieldL what the parts as they stand fill, measured, a bag's yield say
 * @param retention dry piece over fresh mix, 0.5 to 1
 * @param strength28Mpa promised at 28 days, in MPa, over 0 and up to 200; null where none is
 */
public record NewRecipe(
    String name,
    @Nullable String school,
    @Nullable String placing,
    @Nullable Placement placement,
    @Nullable String caution,
    @Nullable String strengthClass,
    @Nullable Addition addition,
    @WhenMissing("2") double airPercent,
    @WhenMissing("1") double yieldFactor,
    @Nullable Double batchYieldL,
    double workingMinAt20C,
    @WhenMissing("3") double mixMin,
    @Nullable WaterWindow water,
    double demouldAgeH,
    @Nullable Double greenUntilAgeH,
    @WhenMissing("168") double sealAfterH,
    @WhenMissing("0.967") double retention,
    @Nullable Double strength28Mpa,
    List<RecipePart> parts) {

  private static final int MOST_PARTS = 40;
  private static final double MOST_HOURS = 10_000;

  /**
   * An ingredient and its amount.
   *
   * @param material code of a shipped material, to be taken into the shop; where no id is given
   */
  public record RecipePart(
      @Nullable Long materialId, @Nullable String material, @Nullable Basis basis, double amount) {
    public RecipePart {
      Findings findings = new Findings();
      if (material == null) {
        findings.present("materialId", materialId);
      } else {
        findings.text("material", material, 40);
      }
      findings.present("basis", basis).above("amount", amount, 0, 100_000).orRefuse();
    }

    public RecipePart(long materialId, Basis basis, double amount) {
      this(materialId, null, basis, amount);
    }
  }

  public NewRecipe {
    airPercent = or(airPercent, 2);
    yieldFactor = or(yieldFactor, 1);
    mixMin = or(mixMin, 3);
    sealAfterH = or(sealAfterH, 168);
    retention = or(retention, Recipe.STARTING_RETENTION);
    water = water == null ? new WaterWindow(90, 110) : water;
    placement = placement == null ? Placement.POURED : placement;
    addition = addition == null ? Addition.COLOUR_IN_POWDER : addition;
    Findings findings =
        new Findings()
            .text("name", name, 80)
            .within("airPercent", airPercent, 0, 60)
            .above("yieldFactor", yieldFactor, 0, 3)
            .above("workingMinAt20C", workingMinAt20C, 0, 1_440)
            .within("mixMin", mixMin, 0, 1_440)
            .above("demouldAgeH", demouldAgeH, 0, MOST_HOURS)
            .within("sealAfterH", sealAfterH, 0, MOST_HOURS)
            .within("retention", retention, 0.5, 1)
            .list("parts", parts, MOST_PARTS);
    optional(findings, "school", school, 80);
    optional(findings, "placing", placing, 200);
    optional(findings, "caution", caution, 300);
    if (strengthClass != null) {
      findings.addIf(
          BinderClasses.shipped().find(strengthClass).isEmpty(),
          FindingCode.VALUE_UNREADABLE,
          "strengthClass",
          Map.of("value", strengthClass, "wanted", "one of the classes shipped"));
    }
    if (batchYieldL != null) {
      findings.above("batchYieldL", batchYieldL, 0, 5_000);
    }
    if (strength28Mpa != null) {
      findings.above("strength28Mpa", strength28Mpa, 0, 200);
    }
    if (greenUntilAgeH != null) {
      findings.addIf(
          !(greenUntilAgeH >= demouldAgeH),
          FindingCode.GREEN_BEFORE_DEMOULD,
          "greenUntilAgeH",
          Map.of("value", greenUntilAgeH, "demould", demouldAgeH));
    }
    findings.orRefuse();
    parts = List.copyOf(parts);
  }

  /** The same of other parts. */
  NewRecipe withParts(List<RecipePart> others) {
    return named(name, others);
  }

  /** The same of another name and of other parts. */
  public NewRecipe named(String other, List<RecipePart> others) {
    return new NewRecipe(
        other,
        school,
        placing,
        placement,
        caution,
        strengthClass,
        addition,
        airPercent,
        yieldFactor,
        batchYieldL,
        workingMinAt20C,
        mixMin,
        water,
        demouldAgeH,
        greenUntilAgeH,
        sealAfterH,
        retention,
        strength28Mpa,
        others);
  }

  private static void optional(Findings findings, String field, @Nullable String text, int most) {
    if (text != null) {
      findings.text(field, text, most);
    }
  }

  private static double or(double value, double instead) {
    return Double.isNaN(value) ? instead : value;
  }
}
