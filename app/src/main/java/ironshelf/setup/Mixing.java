package ironshelf.setup;

import ironshelf.core.material.Role;
import ironshelf.core.material.StartingMaterials;
import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.Recipe;
import java.util.ArrayList;
import java.util.List;

/**
 * A mix as far as the set-up has to know it: what a litre of it is.
 *
 * @param dryKgPerL of all that is not water
 */
record Mixing(Recipe recipe, double freshDensityKgM3, double dryKgPerL) {

  /** What goes into a mix that is to have fibre and has none (from memory: 1 to 2 kg a m3). */
  static final String FIBRE = "polymer-fibre";

  static final double FIBRE_G_PER_KG = 0.8;

  static Mixing of(Recipe recipe) {
    BatchResult litre = BatchSum.of(BatchRequest.ofOneLitre(recipe));
    return new Mixing(recipe, litre.freshDensityKgM3(), litre.dryKgM3() / 1000);
  }

  static boolean hasFibre(Recipe recipe) {
    return recipe.ingredients().stream().anyMatch(i -> i.role() == Role.FIBRE);
  }

  static Recipe withFibre(Recipe recipe) {
    List<Ingredient> all = new ArrayList<>(recipe.ingredients());
    all.add(
        Ingredient.of(
            StartingMaterials.shipped().find(FIBRE).orElseThrow(),
            Basis.GRAMS_PER_KG_MIX,
            FIBRE_G_PER_KG));
    return new Recipe(
        all,
        recipe.airPercent(),
        recipe.yieldFactor(),
        recipe.workingMinAt20C(),
        recipe.water(),
        recipe.batchYieldL());
  }
}
