package ironshelf.core.recipe;

import static ironshelf.core.quantity.Refusals.assertRefusedAt;
import static ironshelf.core.quantity.Refusals.refusal;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.material.Role;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What a mix refuses, a value just past each limit, and its figures where two rules meet. */
@Tag("accuracy")
class LimitsTest {

  private static final double WATER_KG_L = 0.998;

  static Stream<Arguments> refused() {
    List<Ingredient> neat = BatchSumTest.neat(4, 1, null).ingredients();
    return Stream.of(
        refusal("leastPercent", () -> new WaterWindow(0, 110)),
        refusal("mostPercent", () -> new WaterWindow(80, 99)),
        refusal("solidsKg", () -> new MixHeat(0, 20, 1)),
        refusal("solidsC", () -> new MixHeat(8, 61, 1)),
        refusal("waterKg", () -> new MixHeat(8, 20, -1)),
        refusal("ice", () -> new MixHeat(8, 20, 1).mixC(20, 0.9, "ice")),
        refusal("ingredients", () -> new Recipe(List.of(), 0, 1, null, null)),
        refusal("airPercent", () -> new Recipe(neat, 61, 1, null, null)),
        refusal("yieldFactor", () -> new Recipe(neat, 0, 0, null, null)),
        refusal("workingMinAt20C", () -> new Recipe(neat, 0, 1, 0.0, null)),
        refusal("batchYieldL", () -> new Recipe(neat, 0, 1, null, null, 0.0)),
        refusal("largestGrainMm", () -> grain(0)),
        refusal("amount", () -> neat.get(0).withAmount(0)));
  }

  private static Ingredient grain(double largestMm) {
    return new Ingredient(
        "sand",
        Role.AGGREGATE,
        Basis.PARTS_BY_VOLUME,
        2,
        2.65,
        1600.0,
        0,
        0,
        null,
        100,
        100,
        largestMm);
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("refused")
  void refuses(String field, ThrowingCallable made) {
    assertRefusedAt(field, made);
  }

  /** Water and pigment 1 %, binder and fibre 2 %, the rest 3 %; no scale under a gram (trade). */
  @ParameterizedTest
  @CsvSource({
    "WATER, 2, 0.02",
    "PIGMENT, 0.5, 0.005",
    "ADMIXTURE, 1, 0.01",
    "BINDER, 5, 0.1",
    "FIBRE, 0.2, 0.004",
    "AGGREGATE, 10, 0.3",
    "PIGMENT, 0.02, 0.001"
  })
  void eachRoleHasItsTolerance(Role role, double massKg, double offKg) {
    assertThat(Tolerance.kg(role, massKg)).isCloseTo(offKg, within(1e-12));
  }

  /** Ten degrees warmer is half the time; beyond 5 and 40 degrees nothing more is said. */
  @ParameterizedTest
  @CsvSource({"20, 16, true", "30, 8, true", "10, 32, true", "40, 4, true", "41, 4, false"})
  void workingTimeHalves(double mixC, double minutes, boolean foretold) {
    assertThat(WorkingTime.minutes(16, mixC)).isCloseTo(minutes, within(1e-9));
    assertThat(WorkingTime.isForetold(mixC)).isEqualTo(foretold);
  }

  @Test
  void fiveDegreesAreStillForetold() {
    assertThat(WorkingTime.isForetold(5)).isTrue();
    assertThat(WorkingTime.isForetold(4.9)).isFalse();
  }

  /** By hand: (12 x (8 x 0.88 + 1.6 x 4.18) - 8 x 0.88 x 20) / (1.6 x 4.18). */
  @Test
  void coldWaterIsTriedBeforeIce() {
    MixHeat heat = new MixHeat(8, 20, 1.6);
    double waterC = (12 * (8 * 0.88 + 1.6 * 4.18) - 8 * 0.88 * 20) / (1.6 * 4.18);
    assertThat(waterC).isCloseTo(3.58, within(0.01));
    MixHeat.Cooling cool = heat.coolingFor(12);
    assertThat(cool.waterC()).isCloseTo(waterC, within(0.02));
    assertThat(cool.iceKg()).isZero();
    assertThat(cool.reached()).isTrue();
  }

  @Test
  void hotWaterHasItsLimitAtSixty() {
    MixHeat cold = new MixHeat(8, 5, 1.6);
    double at60 = cold.mixC(60, 0, "ice");
    assertThat(cold.coolingFor(at60 - 0.01).reached()).isTrue();
    assertThat(cold.coolingFor(at60 + 0.1).reached()).isFalse();
    assertThat(cold.coolingFor(at60 + 0.1).waterC()).isEqualTo(60);
  }

  @Test
  void withoutWaterTheSolidsDecide() {
    MixHeat dry = new MixHeat(8, 20, 0);
    assertThat(dry.coolingFor(20)).isEqualTo(new MixHeat.Cooling(20, 0, true));
    assertThat(dry.coolingFor(19).reached()).isFalse();
    assertThat(dry.coolingFor(null, 10)).isNull();
    assertThat(new MixHeat(8, 20, 1.6).coolingFor(15.0, 30))
        .isEqualTo(new MixHeat(8, 20, 1.6).coolingFor(10));
  }

  /** Neat 4 to 1 by volume: 5 kg of cement and 0.998 of water are 1.681 + 1 L. */
  @Test
  void dryDensityLeavesTheWaterOut() {
    BatchResult result = BatchSum.of(BatchSumTest.wanting(BatchSumTest.neat(4, 1, null), 6, 1));
    double litres = 5 / (2.98 * WATER_KG_L) + 1;
    assertThat(result.dryKgM3()).isCloseTo(5 / litres * 1000, within(1e-6));
  }

  @Test
  void aShareOfALineIsAShareOfEachFigure() {
    BatchResult.Line line = new BatchResult.Line("cement", Role.BINDER, 8, 6.4, 2.7, 0.4);
    assertThat(line.share(0.25))
        .isEqualTo(new BatchResult.Line("cement", Role.BINDER, 2, 1.6, 0.675, 0.1));
    BatchResult.Line bare = new BatchResult.Line("black", Role.PIGMENT, 8, null, 2.7, null);
    assertThat(bare.share(0.5))
        .isEqualTo(new BatchResult.Line("black", Role.PIGMENT, 4, null, 1.35, null));
  }

  /** What a bag says that it makes holds without pigment, which comes on top by its own volume. */
  @Test
  void pigmentComesOnTopOfAStatedYield() {
    Ingredient black = Ingredient.of("black", Role.PIGMENT, Basis.PERCENT_OF_BINDER, 5, 4.6, null);
    List<Ingredient> neat = BatchSumTest.neat(0.004, 0.001, null).ingredients();
    Recipe stated = new Recipe(neat, 0, 1, null, null, 3.0);
    double pigmentL = 5 * 0.05 / (4.6 * WATER_KG_L);
    BatchResult plain = BatchSum.of(BatchSumTest.wanting(stated, 3, 1));
    BatchResult dark =
        BatchSum.of(BatchSumTest.wanting(stated.inColourway(List.of(black), 0), 3 + pigmentL, 1));
    assertThat(plain.lines().get(0).massKg()).isCloseTo(5, within(1e-9));
    assertThat(dark.lines().get(0).massKg()).isCloseTo(5, within(1e-9));
  }

  @Test
  void theLargestGrainIsOfAllIngredients() {
    List<Ingredient> neat = BatchSumTest.neat(4, 1, null).ingredients();
    assertThat(BatchSumTest.neat(4, 1, null).largestGrainMm()).isEmpty();
    Recipe sandy =
        new Recipe(List.of(neat.get(0), neat.get(1), grain(2), grain(8)), 0, 1, null, null);
    assertThat(sandy.largestGrainMm()).hasValue(8);
  }

  @Test
  void tenPercentOfPigmentIsNotYetHigh() {
    Ingredient ten = Ingredient.of("black", Role.PIGMENT, Basis.PERCENT_OF_BINDER, 10, 4.6, null);
    Recipe recipe = BatchSumTest.neat(4, 1, null).inColourway(List.of(ten), 0);
    assertThat(BatchSum.of(BatchSumTest.wanting(recipe, 5, 1)).warnings()).isEmpty();
  }
}
