package ironshelf.core.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.material.Role;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import ironshelf.core.recipe.Basis;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Ingredient;
import ironshelf.core.recipe.Recipe;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

@Tag("accuracy")
class PourSumTest {

  /** docs/method/mixes.md: neat 4 : 1 by volume, 2237 kg/m3. */
  private static final Recipe NEAT = neat(15.0, null);

  @Test
  void oneLayerInOneMouldIsTheBatchSum() {
    PourSum sum = PourSum.of(input(List.of(layer(NEAT, 1)), loads(6, 0.7, 2), 8, null, 3));
    BatchResult plain = BatchSum.of(new BatchRequest(NEAT, 4.2, 8, null, 20, 20, 6, 2, 3, 0, null));
    assertThat(kg(sum.layers().get(0).lines())).isCloseTo(kg(plain.lines()), within(1e-9));
    assertThat(sum.batches()).hasSize(1);
    assertThat(sum.pourWithinMin()).isCloseTo(12, within(1e-9));
  }

  /** By hand: 4.2 L and 8 % over, 60 : 40 at 2237 kg/m3: 6.09 and 4.06 kg. */
  @Test
  void twoColoursGoByShare() {
    PourSum sum =
        PourSum.of(
            input(List.of(layer(NEAT, 0.6), layer(NEAT, 0.4)), loads(6, 0.7, 1), 8, null, 3));
    assertThat(kg(sum.layers().get(0).lines())).isCloseTo(6.088, within(0.003));
    assertThat(kg(sum.layers().get(1).lines())).isCloseTo(4.059, within(0.003));
    // Two layers are mixed one after the other: 15 - 2 x 3 minutes.
    assertThat(sum.pourWithinMin()).isCloseTo(9, within(1e-9));
  }

  @Test
  void moreThanOneMouldSharesAMix() {
    List<BatchSplit.Load> copies = new ArrayList<>(loads(2, 1.5, 2));
    copies.addAll(
        IntStream.range(0, 4).mapToObj(i -> new BatchSplit.Load("cup" + i, 0.25, 1)).toList());
    PourSum sum = PourSum.of(input(List.of(layer(NEAT, 1)), copies, 0, 2.0, 3));
    assertThat(sum.layers().get(0).yieldL()).isCloseTo(4, within(1e-9));
    // A large one and two small ones each.
    assertThat(sum.batches()).extracting(b -> b.copies().size()).containsExactly(3, 3);
  }

  @Test
  void aFaceHasNoFibre() {
    Recipe fibred =
        neat(
            60.0, Ingredient.of("glass fibre", Role.FIBRE, Basis.PERCENT_OF_BINDER, 2, 2.68, null));
    PourSum sum =
        PourSum.of(
            input(
                List.of(layer(fibred.withoutFibre(), 0.5), layer(fibred, 0.5)),
                loads(2, 1, 1),
                0,
                null,
                3));
    assertThat(sum.layers().get(0).lines())
        .extracting(BatchResult.Line::role)
        .doesNotContain(Role.FIBRE);
    assertThat(sum.layers().get(1).lines()).extracting(BatchResult.Line::role).contains(Role.FIBRE);
  }

  @Test
  void layersThatOutlastTheClockAreRefused() {
    List<PourInput.LayerMix> five = IntStream.range(0, 5).mapToObj(i -> layer(NEAT, 0.2)).toList();
    RefusedException refused =
        catchThrowableOfType(
            RefusedException.class, () -> PourSum.of(input(five, loads(1, 1, 1), 0, null, 3)));
    assertThat(refused.findings().get(0).code()).isEqualTo(FindingCode.BATCH_CLOCK_TOO_SHORT);
  }

  /** Batches never exceed mixer or clock, hold every copy once, and sum to what is needed. */
  @ParameterizedTest
  @MethodSource("seeds")
  void batchesSumToTheWhole(int seed) {
    Random random = new Random(seed);
    double first = 0.2 + random.nextDouble() * 0.6;
    int copies = 1 + random.nextInt(60);
    List<BatchSplit.Load> loads =
        IntStream.range(0, copies)
            .mapToObj(
                i -> new BatchSplit.Load("c" + i, 0.1 + 2 * random.nextDouble(), random.nextInt(4)))
            .toList();
    double mixerL = 3 + 9 * random.nextDouble();
    double waste = random.nextInt(20);
    PourSum sum =
        PourSum.of(
            input(List.of(layer(NEAT, first), layer(NEAT, 1 - first)), loads, waste, mixerL, 2));
    assertThat(sum.batches().stream().flatMap(b -> b.copies().stream()))
        .containsExactlyInAnyOrderElementsOf(loads.stream().map(BatchSplit.Load::copy).toList());
    for (int layer = 0; layer < 2; layer++) {
      int l = layer;
      assertThat(sum.batches().stream().mapToDouble(b -> kg(b.layers().get(l))).sum())
          .isCloseTo(kg(sum.layers().get(l).lines()), within(1e-9 * copies));
      double densityKgL = sum.layers().get(l).freshDensityKgM3() / 1000;
      assertThat(sum.batches())
          .allSatisfy(
              b ->
                  assertThat(kg(b.layers().get(l)) / densityKgL)
                      .isLessThanOrEqualTo(mixerL * (1 + 1e-6)));
    }
    assertThat(sum.batches())
        .allSatisfy(
            b ->
                assertThat(
                        loads.stream()
                            .filter(c -> b.copies().contains(c.copy()))
                            .mapToDouble(BatchSplit.Load::minutes)
                            .sum())
                    .isLessThanOrEqualTo(sum.pourWithinMin() + 1e-6));
  }

  static IntStream seeds() {
    return IntStream.range(0, 60);
  }

  private static PourInput input(
      List<PourInput.LayerMix> layers,
      List<BatchSplit.Load> copies,
      double waste,
      Double mixerL,
      double mixMinutes) {
    return new PourInput(layers, copies, waste, mixerL, 20, 20, mixMinutes, null, null);
  }

  private static PourInput.LayerMix layer(Recipe recipe, double share) {
    return new PourInput.LayerMix(recipe, share);
  }

  private static List<BatchSplit.Load> loads(int count, double litres, double minutes) {
    return IntStream.range(0, count)
        .mapToObj(i -> new BatchSplit.Load("R" + i, litres, minutes))
        .toList();
  }

  private static double kg(List<BatchResult.Line> lines) {
    return lines.stream().mapToDouble(BatchResult.Line::massKg).sum();
  }

  private static Recipe neat(Double workingMin, Ingredient more) {
    List<Ingredient> all =
        new ArrayList<>(
            List.of(
                Ingredient.of("cement", Role.BINDER, Basis.PARTS_BY_VOLUME, 4, 2.98, 1250.0),
                Ingredient.of("water", Role.WATER, Basis.PARTS_BY_VOLUME, 1, 1, null)));
    if (more != null) {
      all.add(more);
    }
    return new Recipe(all, 0, 1, workingMin, null);
  }
}
