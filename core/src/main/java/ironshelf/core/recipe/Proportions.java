package ironshelf.core.recipe;

import ironshelf.core.material.Role;
import ironshelf.core.material.Water;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A recipe's masses against each other, and what they fill: the absolute-volume method (ACI
 * 211.1-91, 5.3). Any common factor of the masses is free; {@link BatchSum} scales them.
 *
 * @param dryKg of each ingredient, in the recipe's order, water as mixing water
 * @param weighedKg the same as weighed: aggregate with the moisture it carries, water less what the
 *     aggregate brings
 * @param yieldL what they fill, with air and the recipe's yield factor
 */
record Proportions(
    List<Ingredient> ingredients, List<Double> dryKg, List<Double> weighedKg, double yieldL) {

  static Proportions of(Recipe recipe) {
    List<Ingredient> ingredients = recipe.ingredients();
    tooWet(ingredients)
        .ifPresent(
            finding -> {
              throw new RefusedException(finding);
            });
    List<Double> dry = dryMasses(ingredients);
    List<Double> weighed = weighedMasses(ingredients, dry);
    double absoluteL = 0;
    for (int i = 0; i < dry.size(); i++) {
      absoluteL += absoluteL(ingredients.get(i), dry.get(i));
    }
    double sumL = absoluteL / (1 - recipe.airPercent() / 100);
    double yieldL =
        (recipe.batchYieldL() == null ? sumL : recipe.batchYieldL() + pigmentL(ingredients, dry))
            * recipe.yieldFactor();
    return new Proportions(ingredients, dry, weighed, yieldL);
  }

  private static double pigmentL(List<Ingredient> ingredients, List<Double> dryKg) {
    double litres = 0;
    for (int i = 0; i < ingredients.size(); i++) {
      Ingredient ingredient = ingredients.get(i);
      litres += ingredient.role() == Role.PIGMENT ? absoluteL(ingredient, dryKg.get(i)) : 0;
    }
    return litres;
  }

  /**
   * Volume of the grains alone, in litres: mass over (relative density times water's). The water of
   * a liquid admixture is counted with the mixing water, not here.
   */
  static double absoluteL(Ingredient ingredient, double dryKg) {
    return dryKg / (ingredient.relativeDensity() * Water.DENSITY_KG_L)
        - dryKg * ingredient.carriedWaterShare() / Water.DENSITY_KG_L;
  }

  /** Returns the cement in the binders, in kg: what pigment is a percent of (ASTM C979). */
  double cementKg() {
    double sum = 0;
    for (int i = 0; i < ingredients.size(); i++) {
      Ingredient ingredient = ingredients.get(i);
      sum += ingredient.role() == Role.BINDER ? dryKg.get(i) * ingredient.cementPercent() / 100 : 0;
    }
    return sum;
  }

  double sumOf(List<Double> masses, Role role) {
    double sum = 0;
    for (int i = 0; i < ingredients.size(); i++) {
      sum += ingredients.get(i).role() == role ? masses.get(i) : 0;
    }
    return sum;
  }

  double totalKg() {
    return weighedKg.stream().mapToDouble(Double::doubleValue).sum();
  }

  private static List<Double> dryMasses(List<Ingredient> ingredients) {
    double binder =
        ingredients.stream()
            .filter(i -> i.role() == Role.BINDER)
            .mapToDouble(Proportions::partMass)
            .sum();
    double cement =
        ingredients.stream()
            .filter(i -> i.role() == Role.BINDER)
            .mapToDouble(i -> partMass(i) * i.cementPercent() / 100)
            .sum();
    double[] masses = new double[ingredients.size()];
    double mix = 0;
    for (int i = 0; i < masses.length; i++) {
      Ingredient ingredient = ingredients.get(i);
      masses[i] =
          ingredient.basis() == Basis.PERCENT_OF_BINDER
              ? ingredient.amount() / 100 * (ingredient.role() == Role.PIGMENT ? cement : binder)
              : partMass(ingredient);
      mix += masses[i];
    }
    List<Double> dry = new ArrayList<>(masses.length);
    for (int i = 0; i < masses.length; i++) {
      Ingredient ingredient = ingredients.get(i);
      dry.add(
          ingredient.basis() == Basis.GRAMS_PER_KG_MIX
              ? ingredient.amount() / 1000 * mix
              : masses[i]);
    }
    return dry;
  }

  private static double partMass(Ingredient ingredient) {
    return switch (ingredient.basis()) {
      case PARTS_BY_VOLUME -> ingredient.amount() * ingredient.bulkDensityKgM3();
      case PARTS_BY_MASS -> ingredient.amount();
      case PERCENT_OF_BINDER, GRAMS_PER_KG_MIX -> 0;
    };
  }

  /** Nothing where a batch can be made: no water may be taken out again. */
  static Optional<Finding> tooWet(List<Ingredient> ingredients) {
    List<Double> dry = dryMasses(ingredients);
    double mixingWater = mixingWaterKg(ingredients, dry);
    double freeWater = freeWaterKg(ingredients, dry);
    return mixingWater > 0 && freeWater > mixingWater
        ? Optional.of(
            new Finding(
                FindingCode.RECIPE_WATER_EXCEEDED,
                "ingredients",
                Map.of("value", freeWater / mixingWater * 100)))
        : Optional.empty();
  }

  private static double mixingWaterKg(List<Ingredient> ingredients, List<Double> dry) {
    double kg = 0;
    for (int i = 0; i < dry.size(); i++) {
      kg += ingredients.get(i).role() == Role.WATER ? dry.get(i) : 0;
    }
    return kg;
  }

  private static double freeWaterKg(List<Ingredient> ingredients, List<Double> dry) {
    double kg = 0;
    for (int i = 0; i < dry.size(); i++) {
      kg += freeWaterKg(ingredients.get(i), dry.get(i));
    }
    return kg;
  }

  private static double freeWaterKg(Ingredient ingredient, double dryKg) {
    return ingredient.role() == Role.WATER ? 0 : dryKg * ingredient.freeWaterShare();
  }

  /** Returns the index of the ingredient that brings most water besides the water itself. */
  static int wettest(List<Ingredient> ingredients) {
    List<Double> dry = dryMasses(ingredients);
    return IntStream.range(0, dry.size())
        .boxed()
        .max(Comparator.comparingDouble(i -> freeWaterKg(ingredients.get(i), dry.get(i))))
        .orElseThrow();
  }

  private static List<Double> weighedMasses(List<Ingredient> ingredients, List<Double> dry) {
    double mixingWater = mixingWaterKg(ingredients, dry);
    double freeWater = freeWaterKg(ingredients, dry);
    List<Double> weighed = new ArrayList<>(dry.size());
    for (int i = 0; i < dry.size(); i++) {
      Ingredient ingredient = ingredients.get(i);
      weighed.add(
          ingredient.role() == Role.WATER
              ? dry.get(i) * (1 - freeWater / mixingWater)
              : dry.get(i) * (1 + ingredient.moisturePercent() / 100));
    }
    return weighed;
  }
}
