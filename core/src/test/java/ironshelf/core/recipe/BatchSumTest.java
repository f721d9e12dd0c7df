package ironshelf.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.material.Role;
import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@Tag("accuracy")
class BatchSumTest {

  private static final double LB = 0.45359237;

  /** docs/method/mixes.md: neat rapid cement by volume, bulk 1250, relative density 2.98. */
  @ParameterizedTest
  @CsvSource({"4, 1, 0.20, 2237", "3, 1.25, 0.33, 1990"})
  void neatRapidCement(double cement, double water, double ratio, double density) {
    BatchResult result = BatchSum.of(wanting(neat(cement, water, null), 4.2, 1));
    assertThat(result.waterBinderRatio()).isCloseTo(ratio, within(0.005));
    assertThat(result.freshDensityKgM3()).isCloseTo(density, within(0.5));
    assertThat(totalKg(result)).isCloseTo(result.yieldL() * density / 1000, within(0.005));
  }

  /**
   * ACI 211.1-91, example 1, a cubic yard: cement 484 lb (3.15), water 300 lb, stone 1917 lb
   * (2.68), sand 1317 to 1318 lb (2.64), air 1 %. The sum must give back one cubic yard, within 0.2
   * %: the example takes water at 62.4 lb/ft3, this application at 0.998 kg/L.
   */
  @Test
  void aciExampleFillsItsCubicYard() {
    BatchResult result = BatchSum.of(wanting(aci(0, 0), 764.554858, 1));
    assertThat(line(result, "cement").massKg() / LB).isCloseTo(484, within(484 * 0.002));
    assertThat(line(result, "stone").massKg() / LB).isCloseTo(1917, within(1917 * 0.002));
    assertThat(line(result, "sand").massKg() / LB).isCloseTo(1317.5, within(1317.5 * 0.002));
    assertThat(line(result, "water").massKg() / LB).isCloseTo(300, within(300 * 0.002));
  }

  /** The same example, 5.3.9: stone at 2 % and sand at 6 % moisture take the water to 201 lb. */
  @Test
  void aciExampleWithWetAggregate() {
    BatchResult dry = BatchSum.of(wanting(aci(0, 0), 764.554858, 1));
    BatchResult wet = BatchSum.of(wanting(aci(2, 6), 764.554858, 1));
    assertThat(line(wet, "water").massKg() / LB).isCloseTo(201, within(1.0));
    assertThat(line(wet, "sand").massKg() / LB).isCloseTo(1317.5 * 1.06, within(1317.5 * 0.002));
    assertThat(wet.waterBinderRatio()).isCloseTo(dry.waterBinderRatio(), within(1e-12));
    double absolute = wet.lines().stream().mapToDouble(BatchResult.Line::absoluteL).sum();
    assertThat(absolute / 0.99).isCloseTo(wet.yieldL(), within(1e-6));
  }

  @Test
  void wasteComesOnTopAndYieldFactorStretches() {
    BatchResult plain = BatchSum.of(wanting(neat(4, 1, null), 10, 1));
    Recipe shrinking = new Recipe(neat(4, 1, null).ingredients(), 0, 0.7, null, null);
    assertThat(totalKg(BatchSum.of(wanting(shrinking, 10, 1))))
        .isCloseTo(totalKg(plain) / 0.7, within(1e-9));
    BatchRequest wasteful = new BatchRequest(neat(4, 1, null), 10, 8, null, 20, 20, 1, 0, 0);
    assertThat(BatchSum.of(wasteful).yieldL()).isCloseTo(10.8, within(1e-12));
    assertThat(totalKg(BatchSum.of(wasteful))).isCloseTo(totalKg(plain) * 1.08, within(1e-9));
  }

  @Test
  void pigmentIsPercentOfBinderAndWarnsOverTen() {
    Ingredient black = Ingredient.of("black", Role.PIGMENT, Basis.PERCENT_OF_BINDER, 4, 4.6, null);
    BatchResult four = BatchSum.of(wanting(neat(4, 1, null).inColourway(List.of(black), 0), 5, 1));
    assertThat(line(four, "black").massKg() / line(four, "cement").massKg())
        .isCloseTo(0.04, within(1e-12));
    assertThat(line(four, "black").scoopL()).isNull();
    assertThat(four.warnings()).isEmpty();
    BatchResult eleven =
        BatchSum.of(wanting(neat(4, 1, null).inColourway(List.of(black.withAmount(11)), 0), 5, 1));
    assertThat(eleven.warnings())
        .extracting(Finding::code)
        .containsExactly(FindingCode.PIGMENT_HIGH);
  }

  @Test
  void gramsPerKgCountTheRestOfTheMix() {
    Ingredient fibre = Ingredient.of("fibre", Role.FIBRE, Basis.GRAMS_PER_KG_MIX, 5, 2.68, null);
    BatchResult result =
        BatchSum.of(wanting(neat(4, 1, null).inColourway(List.of(fibre), 0), 5, 1));
    double rest = line(result, "cement").massKg() + line(result, "water").massKg();
    assertThat(line(result, "fibre").massKg()).isCloseTo(rest * 0.005, within(1e-12));
  }

  @Test
  void theWaterWindowHoldsSomeBack() {
    Recipe recipe =
        new Recipe(neat(4, 1, null).ingredients(), 0, 1, null, new WaterWindow(80, 110));
    BatchResult result = BatchSum.of(wanting(recipe, 5, 1));
    double target = line(result, "water").massKg();
    assertThat(result.water().leastKg()).isCloseTo(0.8 * target, within(1e-12));
    assertThat(result.water().mostKg()).isCloseTo(1.1 * target, within(1e-12));
    assertThat(result.water().holdBackKg()).isCloseTo(0.2 * target, within(1e-12));
  }

  @Test
  void aWaterOffsetMovesOnlyTheWater() {
    BatchResult moved = BatchSum.of(wanting(neat(4, 1, null).inColourway(List.of(), 5), 5, 1));
    assertThat(moved.waterBinderRatio()).isCloseTo(0.1996 * 1.05, within(1e-6));
  }

  @Test
  void aSharedBagIsCounted() {
    Ingredient cement =
        new Ingredient("cement", Role.BINDER, Basis.PARTS_BY_MASS, 1, 2.98, 1250.0, 0, 0, 25.0);
    BatchResult result = BatchSum.of(wanting(new Recipe(List.of(cement), 0, 1, null, null), 10, 1));
    assertThat(line(result, "cement").bags()).isCloseTo(10 * 2.98 * 0.998 / 25, within(1e-9));
  }

  /** Mass is kept: what dry sand does not bring is added, so the mix fills and weighs the same. */
  @Test
  void whatIsTooWetToWeighCanBePlannedAllTheSame() {
    Recipe wet = aci(2, 40);
    assertThat(wet.tooWet())
        .hasValueSatisfying(f -> assertThat(f.field()).isEqualTo("ingredients"));
    BatchResult planned = BatchSum.of(wanting(wet.weighable(), 100, 1));
    BatchResult damp = BatchSum.of(wanting(aci(2, 6), 100, 1));
    assertThat(planned.freshDensityKgM3()).isCloseTo(damp.freshDensityKgM3(), within(1e-9));
    assertThat(planned.waterBinderRatio()).isCloseTo(damp.waterBinderRatio(), within(1e-12));
    assertThat(aci(2, 6).tooWet()).isEmpty();
    assertThat(aci(2, 6).weighable()).isEqualTo(aci(2, 6));
  }

  /** ACI 548.3R: the water of latex is mixing water; latex that is nearly all water is too much. */
  @Test
  void anAdmixtureCanBringTooMuchWaterToo() {
    Ingredient latex =
        new Ingredient(
            "latex", Role.ADMIXTURE, Basis.PARTS_BY_MASS, 1, 1.02, null, 0, 0, null, 100, 1, null);
    Ingredient damp =
        new Ingredient(
            "sand", Role.AGGREGATE, Basis.PARTS_BY_MASS, 1, 2.65, null, 3, 0, null, 100, 100, null);
    Recipe recipe =
        new Recipe(
            List.of(
                Ingredient.of("cement", Role.BINDER, Basis.PARTS_BY_MASS, 1, 3.15, null),
                Ingredient.of("water", Role.WATER, Basis.PARTS_BY_MASS, 0.3, 1, null),
                latex,
                damp),
            0,
            1,
            null,
            null);
    // By hand: 0.99 of the latex and 0.03 of the sand over 0.3 of a part.
    assertThat((double) recipe.tooWet().orElseThrow().params().get("value"))
        .isCloseTo(340, within(1e-9));
    assertThat(recipe.wettest()).as("not the sand, though only that is damp").isEqualTo(2);
    assertThat(recipe.weighable().tooWet()).isEmpty();
  }

  @Test
  void refusesWhatCannotBeMixed() {
    Ingredient cement = neat(4, 1, null).ingredients().get(0);
    Ingredient byMass = Ingredient.of("sand", Role.AGGREGATE, Basis.PARTS_BY_MASS, 1, 2.65, null);
    assertThat(codes(() -> new Recipe(List.of(byMass), 0, 1, null, null)))
        .containsExactly(FindingCode.RECIPE_BINDER_MISSING);
    assertThat(codes(() -> new Recipe(List.of(cement, byMass), 0, 1, null, null)))
        .containsExactly(FindingCode.RECIPE_PARTS_MIXED);
    assertThat(
            codes(
                () -> Ingredient.of("sand", Role.AGGREGATE, Basis.PARTS_BY_VOLUME, 1, 2.65, null)))
        .containsExactly(FindingCode.INGREDIENT_BULK_MISSING);
    assertThat(codes(() -> BatchSum.of(wanting(aci(2, 40), 100, 1))))
        .containsExactly(FindingCode.RECIPE_WATER_EXCEEDED);
  }

  private static List<FindingCode> codes(
      org.assertj.core.api.ThrowableAssert.ThrowingCallable call) {
    RefusedException refused = catchThrowableOfType(RefusedException.class, call);
    assertThat(refused).isNotNull();
    return refused.findings().stream().map(Finding::code).toList();
  }

  static BatchRequest wanting(Recipe recipe, double neededL, int pieces) {
    return new BatchRequest(recipe, neededL, 0, null, 20, 20, pieces, 0, 0);
  }

  static Recipe neat(double cement, double water, Double workingMin) {
    return new Recipe(
        List.of(
            Ingredient.of("cement", Role.BINDER, Basis.PARTS_BY_VOLUME, cement, 2.98, 1250.0),
            Ingredient.of("water", Role.WATER, Basis.PARTS_BY_VOLUME, water, 1, null)),
        0,
        1,
        workingMin,
        null);
  }

  private static Recipe aci(double stoneMoisture, double sandMoisture) {
    return new Recipe(
        List.of(
            Ingredient.of("cement", Role.BINDER, Basis.PARTS_BY_MASS, 484, 3.15, null),
            Ingredient.of("water", Role.WATER, Basis.PARTS_BY_MASS, 300, 1, null),
            new Ingredient(
                "stone",
                Role.AGGREGATE,
                Basis.PARTS_BY_MASS,
                1917,
                2.68,
                null,
                stoneMoisture,
                stoneMoisture > 0 ? 0.5 : 0,
                null),
            new Ingredient(
                "sand",
                Role.AGGREGATE,
                Basis.PARTS_BY_MASS,
                1317.5,
                2.64,
                null,
                sandMoisture,
                sandMoisture > 0 ? 0.7 : 0,
                null)),
        1,
        1,
        null,
        null);
  }

  private static BatchResult.Line line(BatchResult result, String name) {
    return result.lines().stream().filter(l -> l.name().equals(name)).findFirst().orElseThrow();
  }

  private static double totalKg(BatchResult result) {
    return result.lines().stream().mapToDouble(BatchResult.Line::massKg).sum();
  }
}
