package ironshelf.core.recipe.starting;

import ironshelf.core.material.StartingMaterials;
import ironshelf.core.quantity.Findings;
import ironshelf.core.recipe.Addition;
import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.Placement;
import ironshelf.core.recipe.Recipe;
import ironshelf.core.recipe.WaterWindow;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A recipe that the application ships with, one for each school of mixing (docs/method/mixes.md);
 * the shop can change every value.
 *
 * @param code short name in lower case, unique
 * @param placing how it is placed, in words
 * @param caution at that step
 * @param strengthClass code of the binder class whose strength curve it follows
 * @param batchYieldL as in {@link Recipe}
 * @param strength28Mpa on its data sheet, in MPa at 28 days; null where none is promised
 * @param families of things that it is usually cast into, by their names in lower case, best first
 */
public record StartingRecipe(
    String code,
    String name,
    String school,
    String placing,
    Placement placement,
    String caution,
    String strengthClass,
    Addition addition,
    double airPercent,
    double yieldFactor,
    @Nullable Double batchYieldL,
    double workingMinAt20C,
    double mixMin,
    WaterWindow water,
    double demouldAgeH,
    @Nullable Double greenUntilAgeH,
    double sealAfterH,
    @Nullable Double strength28Mpa,
    List<String> families,
    List<StartingPart> parts,
    String source) {

  /** A shipped material and its amount. */
  public record StartingPart(String material, Basis basis, double amount) {
    public StartingPart {
      new Findings()
          .text("material", material, 40)
          .present("basis", basis)
          .above("amount", amount, 0, 100_000)
          .orRefuse();
    }
  }

  public StartingRecipe {
    new Findings()
        .text("code", code, 40)
        .text("name", name, 80)
        .text("school", school, 80)
        .text("placing", placing, 200)
        .present("placement", placement)
        .text("caution", caution, 300)
        .text("strengthClass", strengthClass, 40)
        .present("addition", addition)
        .present("water", water)
        .within("airPercent", airPercent, 0, 60)
        .above("yieldFactor", yieldFactor, 0, 3)
        .above("workingMinAt20C", workingMinAt20C, 0, 1_440)
        .within("mixMin", mixMin, 0, 1_440)
        .above("demouldAgeH", demouldAgeH, 0, 10_000)
        .within("sealAfterH", sealAfterH, 0, 10_000)
        .list("families", families, 10)
        .list("parts", parts, 40)
        .text("source", source, 200)
        .orRefuse();
    families = List.copyOf(families);
    parts = List.copyOf(parts);
  }

  /** Returns the mix itself, of the materials shipped with their starting values. */
  public Recipe recipe() {
    StartingMaterials materials = StartingMaterials.shipped();
    return new Recipe(
        parts.stream()
            .map(
                p ->
                    Ingredient.of(
                        materials.find(p.material()).orElseThrow(), p.basis(), p.amount()))
            .toList(),
        airPercent,
        yieldFactor,
        workingMinAt20C,
        water,
        batchYieldL);
  }
}
