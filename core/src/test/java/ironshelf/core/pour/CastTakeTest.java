package ironshelf.core.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.pour.CastTake.Sold;
import ironshelf.core.pour.PourInput.LayerMix;
import ironshelf.core.quantity.RefusedException;
import ironshelf.core.recipe.BatchRequest;
import ironshelf.core.recipe.BatchResult;
import ironshelf.core.recipe.BatchSum;
import ironshelf.core.recipe.Recipe;
import ironshelf.core.recipe.starting.StartingRecipes;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("accuracy")
class CastTakeTest {

  private static final Recipe FACED =
      StartingRecipes.shipped().find("faced").orElseThrow().recipe();

  /** A face without fibre on its back. */
  private static final List<LayerMix> LAYERS =
      List.of(new LayerMix(FACED.withoutFibre(), 0.4), new LayerMix(FACED, 0.6));

  @Test
  void aMouldIsFilled() {
    CastTake take = CastTake.of(2, 1, LAYERS, null, 8);
    assertThat(take.litres()).isEqualTo(2);
    assertThat(take.wantedL()).isEqualTo(2);
    assertThat(take.layers().get(0).yieldL()).isCloseTo(2 * 0.4 * 1.08, within(1e-12));
    assertThat(take.layers().get(1).yieldL()).isCloseTo(2 * 0.6 * 1.08, within(1e-12));
    assertThat(take.layers().get(0).lines()).hasSize(take.layers().get(1).lines().size() - 1);
  }

  /** 20 kg with 0.9 kg of hardware at 0.967: 19.1 / 0.967 = 19.7518 kg of wet mix, both layers. */
  @Test
  void aPieceSoldByItsMassTakesThatMassOfAllItsLayers() {
    CastTake take = CastTake.of(20, 1, LAYERS, new Sold(20, 0.9, 0.967), 0);
    assertThat(freshKg(take)).isCloseTo(19.7518, within(1e-4));
    assertThat(take.litres() * take.densityKgM3() / 1000).isCloseTo(19.7518, within(1e-4));
    // Two to a mould take twice that.
    CastTake two = CastTake.of(20, 2, LAYERS, new Sold(20, 0.9, 0.967), 0);
    assertThat(freshKg(two)).isCloseTo(2 * 19.7518, within(2e-4));
  }

  @Test
  void whatDoesNotFitIsToldAndNotAskedFor() {
    CastTake take = CastTake.of(5, 1, LAYERS, new Sold(20, 0, 1), 10);
    assertThat(take.litres()).isEqualTo(5);
    assertThat(take.wantedL()).isCloseTo(20_000 / take.densityKgM3(), within(1e-9));
    assertThat(freshKg(take)).isCloseTo(5 * 1.1 * take.densityKgM3() / 1000, within(1e-9));
  }

  /** One copy in a pour of its own is weighed exactly so. */
  @Test
  void itIsWhatAPourOfOneCopyAsksFor() {
    CastTake take = CastTake.of(1.7, 1, LAYERS, null, 8);
    PourSum pour =
        PourSum.of(
            new PourInput(
                LAYERS,
                List.of(new BatchSplit.Load("F1", take.litres(), 2)),
                8,
                12.0,
                24,
                11,
                4,
                null,
                null));
    for (int layer = 0; layer < 2; layer++) {
      List<BatchResult.Line> asked = pour.layers().get(layer).lines();
      for (int i = 0; i < asked.size(); i++) {
        assertThat(take.layers().get(layer).lines().get(i).massKg())
            .isCloseTo(asked.get(i).massKg(), within(1e-12));
      }
    }
    assertThat(BatchSum.of(BatchRequest.ofOneLitre(FACED)).freshDensityKgM3())
        .isCloseTo(take.layers().get(1).freshDensityKgM3(), within(1e-9));
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> CastTake.of(0, 1, LAYERS, null, 8))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> CastTake.of(1, 0, LAYERS, null, 8))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> CastTake.of(1, 1, List.of(), null, 8))
        .isInstanceOf(RefusedException.class);
  }

  private static double freshKg(CastTake take) {
    return take.layers().stream()
        .flatMap(l -> l.lines().stream())
        .mapToDouble(BatchResult.Line::massKg)
        .sum();
  }

  /**
   * A hand weight of 50 lb with 2 lb of hardware, dried to 0.967 of what was poured: 48 lb over
   * 0.967 in two heads, 11.26 kg of wet mix in each and no more (by hand: 21.772 / 0.967 / 2).
   */
  @Test
  void aHandWeightTakesHalfOfItsMassInEachHead() {
    double lb = 0.45359237;
    List<LayerMix> heads = List.of(new LayerMix(FACED, 1), new LayerMix(FACED, 1));
    CastTake take = CastTake.of(6, 1, heads, new Sold(50 * lb, 2 * lb, 0.967), 0);
    for (BatchResult head : take.layers()) {
      double kg = head.lines().stream().mapToDouble(BatchResult.Line::massKg).sum();
      assertThat(kg).isCloseTo(11.26, within(0.005));
    }
    assertThat(take.litres()).isEqualTo(take.wantedL());
    // A head that does not hold it is filled to the brim, both times.
    CastTake small = CastTake.of(4, 1, heads, new Sold(50 * lb, 2 * lb, 0.967), 0);
    assertThat(small.litres()).isEqualTo(8);
    assertThat(small.wantedL()).isGreaterThan(8);
  }

  /** A body that fills its mould, and a relief of a fifth more. */
  @Test
  void sharesMayBeMoreThanOneCavity() {
    List<LayerMix> relief = List.of(new LayerMix(FACED, 1), new LayerMix(FACED, 0.2));
    CastTake take = CastTake.of(5, 1, relief, null, 0);
    assertThat(take.layers().get(0).yieldL()).isCloseTo(5, within(1e-9));
    assertThat(take.layers().get(1).yieldL()).isCloseTo(1, within(1e-9));
  }
}
