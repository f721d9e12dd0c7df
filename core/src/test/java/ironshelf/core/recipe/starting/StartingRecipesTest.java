package ironshelf.core.recipe.starting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.material.Role;
import ironshelf.core.material.StartingMaterials;
import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.Recipe;
import java.io.StringReader;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("accuracy")
class StartingRecipesTest {

  static List<StartingRecipe> shipped() {
    return StartingRecipes.shipped().all();
  }

  /** docs/method/mixes.md: every school of its table. */
  @Test
  void everySchoolIsThere() {
    assertThat(shipped())
        .hasSize(11)
        .extracting(StartingRecipe::school)
        .contains("hypertufa", "drape slurry", "sand-cement", "stamp-grade mortar");
  }

  /**
   * Each can be weighed out, and is as dense as such mixes are (500 to 2600 kg/m3, common
   * practice).
   */
  @ParameterizedTest
  @MethodSource("shipped")
  void eachCanBeWeighedOut(StartingRecipe start) {
    Recipe recipe = start.recipe();
    BatchResult litre = BatchSum.of(new BatchRequest(recipe, 1, 0, null, 20, 20, 1, 0, 0));
    assertThat(litre.freshDensityKgM3()).isBetween(500.0, 2_600.0);
    assertThat(litre.waterBinderRatio()).isBetween(0.1, 1.2);
  }

  /**
   * Hypertufa is 1300 to 1700 kg/m3 fresh (common practice): taken to be as heavy as it gets, so
   * that what is weighed out fills the mould whatever this batch turns out to be.
   */
  @ParameterizedTest
  @ValueSource(strings = {"hypertufa", "hypertufa-perlite"})
  void hypertufaDoesNotRunShort(String code) {
    Recipe recipe = StartingRecipes.shipped().find(code).orElseThrow().recipe();
    assertThat(BatchSum.of(BatchRequest.ofOneLitre(recipe)).freshDensityKgM3())
        .isBetween(1_690.0, 1_700.0);
  }

  @Test
  void theFibreBackedRecipeHasFibre() {
    Recipe faced = StartingRecipes.shipped().find("faced").orElseThrow().recipe();
    assertThat(faced.ingredients()).anyMatch(i -> i.role() == Role.FIBRE);
    assertThat(faced.withoutFibre().ingredients()).noneMatch(i -> i.role() == Role.FIBRE);
  }

  /** By hand: 4 % of the cement, which is 18 % of a bag of 36.287 kg: 0.2613 kg a bag. */
  @Test
  void aBagsPigmentIsPercentOfItsCement() {
    Recipe bag = StartingRecipes.shipped().find("bagged").orElseThrow().recipe();
    Recipe red = StartingColour.find("red").orElseThrow().in(bag);
    BatchResult litre = BatchSum.of(BatchRequest.ofOneLitre(red));
    BatchResult.Line binder = litre.lines().get(0);
    BatchResult.Line pigment = litre.lines().get(litre.lines().size() - 1);
    assertThat(pigment.massKg() / binder.massKg() * 36.287).isCloseTo(0.2613, within(1e-4));
    assertThat(litre.pigmentPercentOfBinder()).isCloseTo(4, within(1e-9));
  }

  /**
   * ACI 211.1-91, 5.3.9, for the water of a liquid: 1 kg of latex of 28 % solids brings 0.72 kg, so
   * 5 kg of mixing water are weighed as 4.28 kg, and the whole stays 5 kg of water in the mix.
   */
  @Test
  void theWaterOfLatexCountsAsMixingWater() {
    Ingredient latex =
        Ingredient.of(
            StartingMaterials.shipped().find("latex").orElseThrow(), Basis.PARTS_BY_MASS, 1);
    Recipe recipe =
        new Recipe(
            List.of(
                Ingredient.of("cement", Role.BINDER, Basis.PARTS_BY_MASS, 10, 3.15, null),
                Ingredient.of("water", Role.WATER, Basis.PARTS_BY_MASS, 5, 1, null),
                latex),
            0,
            1,
            null,
            null);
    BatchResult mix = BatchSum.of(BatchRequest.ofOneLitre(recipe));
    double cement = mix.lines().get(0).massKg();
    assertThat(mix.lines().get(1).massKg() / cement).isCloseTo(0.428, within(1e-9));
    assertThat(mix.lines().get(2).massKg() / cement).isCloseTo(0.1, within(1e-9));
    assertThat(mix.waterBinderRatio()).isCloseTo(0.5, within(1e-9));
    double litres = mix.lines().stream().mapToDouble(BatchResult.Line::absoluteL).sum();
    assertThat(litres).isCloseTo(1, within(1e-9));
  }

  /** Every shipped colour, on every shipped recipe, is under the 10 % of ASTM C979. */
  @ParameterizedTest
  @MethodSource("shipped")
  void shippedColoursFitEveryRecipe(StartingRecipe start) {
    for (StartingColour colour : StartingColour.shipped()) {
      assertThat(BatchSum.of(BatchRequest.ofOneLitre(colour.in(start.recipe()))).warnings())
          .isEmpty();
      assertThat(colour.swatchOn("rapid-cement")).matches("#[0-9a-f]{6}");
      assertThat(colour.swatchOn("own-cement")).matches("#[0-9a-f]{6}");
    }
  }

  @Test
  void aTableIsReadStrictly() {
    assertThatThrownBy(() -> StartingRecipes.read(new StringReader("code,name\na,b\n")))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
