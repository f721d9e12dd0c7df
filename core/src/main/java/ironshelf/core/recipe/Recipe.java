package ironshelf.core.recipe;

import ironshelf.core.material.Role;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A mix. Refused: no binder, no ingredient, parts by volume and parts by mass side by side (one
 * part would be two different things).
 *
 * @param airPercent of the finished mix, 0 to 60
 * @param yieldFactor real yield over the sum's, over 0 and up to 3; 1 where not given
 * @param workingMinAt20C from wetting until it no longer flows, over 0 and up to 1 440; null where
 *     it is not known: then the clock does not bind
 * @param batchYieldL what the parts as they stand fill, measured, in place of the sum: a bag's
 *     yield on its data sheet, say, over 0 and up to 5 000; pigments fill on top of it; null where
 *     the sum holds
 * @param water how far the water may move from the recipe's; null where it may not
 */
public record Recipe(
    List<Ingredient> ingredients,
    @WhenMissing("0") double airPercent,
    @WhenMissing("1") double yieldFactor,
    @Nullable Double workingMinAt20C,
    @Nullable WaterWindow water,
    @Nullable Double batchYieldL) {

  /**
   * Mass of a dry piece over that of its fresh mix where a shop's own pours do not say yet: 19.6 of
   * 20.2 kg (common practice).
   */
  public static final double STARTING_RETENTION = 0.967;

  public Recipe {
    airPercent = Double.isNaN(airPercent) ? 0 : airPercent;
    yieldFactor = Double.isNaN(yieldFactor) ? 1 : yieldFactor;
    Findings findings =
        new Findings()
            .list("ingredients", ingredients, 60)
            .within("airPercent", airPercent, 0, 60)
            .above("yieldFactor", yieldFactor, 0, 3);
    if (batchYieldL != null) {
      findings.above("batchYieldL", batchYieldL, 0, 5_000);
    }
    if (workingMinAt20C != null) {
      findings.above("workingMinAt20C", workingMinAt20C, 0, 1440);
    }
    findings.orRefuse();
    ingredients = List.copyOf(ingredients);
    Set<Basis> bases =
        ingredients.stream()
            .map(Ingredient::basis)
            .collect(Collectors.toCollection(() -> EnumSet.noneOf(Basis.class)));
    findings
        .addIf(
            ingredients.stream().noneMatch(i -> i.role() == Role.BINDER && isPart(i)),
            FindingCode.RECIPE_BINDER_MISSING,
            "ingredients",
            Map.of())
        .addIf(
            ingredients.stream().anyMatch(i -> i.role() == Role.BINDER && !(i.cementPercent() > 0)),
            FindingCode.RECIPE_CEMENT_NONE,
            "ingredients",
            Map.of())
        .addIf(
            bases.contains(Basis.PARTS_BY_VOLUME) && bases.contains(Basis.PARTS_BY_MASS),
            FindingCode.RECIPE_PARTS_MIXED,
            "ingredients",
            Map.of())
        .orRefuse();
  }

  /** A recipe whose yield is the sum's. */
  public Recipe(
      List<Ingredient> ingredients,
      double airPercent,
      double yieldFactor,
      @Nullable Double workingMinAt20C,
      @Nullable WaterWindow water) {
    this(ingredients, airPercent, yieldFactor, workingMinAt20C, water, null);
  }

  /** Returns the largest grain in it, in mm; nothing where none is known. */
  public OptionalDouble largestGrainMm() {
    return ingredients.stream()
        .map(Ingredient::largestGrainMm)
        .filter(Objects::nonNull)
        .mapToDouble(Double::doubleValue)
        .max();
  }

  private static boolean isPart(Ingredient i) {
    return i.basis() == Basis.PARTS_BY_VOLUME || i.basis() == Basis.PARTS_BY_MASS;
  }

  /**
   * Returns the recipe of a face layer: what is not fibre, since fibre pokes through
   * (docs/method/mixes.md).
   */
  public Recipe withoutFibre() {
    return new Recipe(
        ingredients.stream().filter(i -> i.role() != Role.FIBRE).toList(),
        airPercent,
        yieldFactor,
        workingMinAt20C,
        water,
        batchYieldL);
  }

  /** Returns why it cannot be weighed out: its ingredients bring more water than it takes. */
  public Optional<Finding> tooWet() {
    return Proportions.tooWet(ingredients);
  }

  /** Returns the index of the ingredient that brings most water besides the water itself. */
  public int wettest() {
    return Proportions.wettest(ingredients);
  }

  /**
   * Itself, or the same without the water of its ingredients where they bring more than it takes:
   * the mix that can be planned and priced while its sand is left to dry. Not what the scale shows
   * today.
   */
  public Recipe weighable() {
    return tooWet().isEmpty()
        ? this
        : new Recipe(
            ingredients.stream().map(Ingredient::withoutFreeWater).toList(),
            airPercent,
            yieldFactor,
            workingMinAt20C,
            water,
            batchYieldL);
  }

  /**
   * Returns the recipe in a colourway: its pigments added, its water moved by the colourway's
   * offset.
   */
  public Recipe inColourway(List<Ingredient> pigments, double waterOffsetPercent) {
    new Findings().within("waterOffsetPercent", waterOffsetPercent, -50, 50).orRefuse();
    List<Ingredient> all = new ArrayList<>();
    for (Ingredient i : ingredients) {
      all.add(
          i.role() == Role.WATER ? i.withAmount(i.amount() * (1 + waterOffsetPercent / 100)) : i);
    }
    all.addAll(pigments);
    return new Recipe(all, airPercent, yieldFactor, workingMinAt20C, water, batchYieldL);
  }
}
