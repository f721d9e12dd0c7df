package ironshelf.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.material.StartingMaterials;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StartingRecipesTest {

  static List<StartingRecipe> shipped() {
    return StartingRecipes.shipped().all();
  }

  /** Handbook 1-C: every school of its table. */
  @Test
  void everySchoolIsThere() {
    assertThat(shipped())
        .hasSize(10)
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
    List<Ingredient> ingredients = new ArrayList<>();
    for (StartingRecipe.StartingPart part : start.parts()) {
      var material = StartingMaterials.shipped().find(part.material()).orElseThrow();
      ingredients.add(
          Ingredient.of(
              material.name(),
              material.role(),
              part.basis(),
              part.amount(),
              material.relativeDensity(),
              material.bulkDensityKgM3()));
    }
    Recipe recipe =
        new Recipe(
            ingredients,
            start.airPercent(),
            start.yieldFactor(),
            start.workingMinAt20C(),
            start.water(),
            start.batchYieldL());
    BatchResult litre = BatchSum.of(new BatchRequest(recipe, 1, 0, null, 20, 20, 1, 0, 0));
    assertThat(litre.freshDensityKgM3()).isBetween(500.0, 2_600.0);
    assertThat(litre.waterBinderRatio()).isBetween(0.1, 1.2);
  }

  @Test
  void aTableIsReadStrictly() {
    assertThatThrownBy(() -> StartingRecipes.read(new StringReader("code,name\na,b\n")))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
