package ironshelf.core.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.pour.BatchSplit.Load;
import ironshelf.core.pour.BatchSplit.SplitBatch;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

@Tag("accuracy")
class BatchSplitTest {

  private static List<Load> loads(double minutes, double... litres) {
    List<Load> loads = new ArrayList<>();
    for (double l : litres) {
      loads.add(new Load("c" + loads.size(), l, minutes));
    }
    return loads;
  }

  private static List<Double> litres(BatchSplit split) {
    return split.batches().stream().map(SplitBatch::litres).toList();
  }

  /** Nothing binds: one batch. */
  @Test
  void whatFitsIsMixedAtOnce() {
    BatchSplit split = BatchSplit.of(loads(2, 1, 2, 3), null, null, null);
    assertThat(split.batches()).hasSize(1);
    assertThat(split.batches().get(0).litres()).isCloseTo(6, within(1e-12));
    assertThat(split.batches().get(0).minutes()).isCloseTo(6, within(1e-12));
    // The largest is filled first, while the mix is at its freshest.
    assertThat(split.batches().get(0).copies()).containsExactly("c2", "c1", "c0");
  }

  /** 5, 4, 5, 4 L in 9: two batches of 9, as the sum asks for, and both full to the brim. */
  @Test
  void aLimitThatIsMetExactlyIsMet() {
    BatchSplit split = BatchSplit.of(loads(1, 5, 4, 5, 4), 9.0, null, null);
    assertThat(litres(split)).containsExactly(9.0, 9.0);
    BatchSplit byClock = BatchSplit.of(loads(3, 1, 1, 1, 1), null, 6.0, null);
    assertThat(byClock.batches()).extracting(b -> b.copies().size()).containsExactly(2, 2);
    // A hair less time, and only one of them can be filled from each.
    assertThat(BatchSplit.of(loads(3, 1, 1, 1, 1), null, 5.999, null).batches()).hasSize(4);
  }

  /** Graham's own rule on 7, 6, 5, 4, 3 L in two batches: 7 + 4 + 3 and 6 + 5. */
  @Test
  void theNextGoesIntoTheEmptiest() {
    BatchSplit split = BatchSplit.of(loads(1, 3, 4, 5, 6, 7), 15.0, null, null);
    assertThat(litres(split)).containsExactly(14.0, 11.0);
    assertThat(split.batches().get(1).copies()).containsExactly("c3", "c2");
  }

  /** 5, 4, 3, 3, 3 L in 9: each into the emptiest wants a third batch; 5 + 4 and 3 + 3 + 3 do. */
  @Test
  void aBatchMoreIsMadeOnlyWhereTheFullestHasNoRoomEither() {
    assertThat(litres(BatchSplit.of(loads(1, 5, 4, 3, 3, 3), 9.0, null, null)))
        .containsExactly(9.0, 9.0);
    assertThat(BatchSplit.of(loads(1, 5, 4, 3, 3, 3), 8.9, null, null).batches()).hasSize(3);
  }

  @Test
  void moreBatchesThanNeededAreMadeWhereTheyAreWanted() {
    List<Load> six = loads(1, 1, 1, 1, 1, 1, 1);
    assertThat(BatchSplit.of(six, 10.0, null, 3).batches())
        .extracting(b -> b.copies().size())
        .containsExactly(2, 2, 2);
    // Never more of them than copies, and never fewer than fit.
    assertThat(BatchSplit.of(six, 10.0, null, 20).batches()).hasSize(6);
    assertThat(BatchSplit.of(six, 2.0, null, 1).batches()).hasSize(3);
  }

  /** A copy of 20 L from a mixer of 8 is three equal parts, each a batch of its own. */
  @Test
  void aCopyLargerThanTheMixerIsFilledInEqualParts() {
    BatchSplit split = BatchSplit.of(List.of(new Load("trough", 20, 30)), 8.0, null, null);
    assertThat(split.batches()).hasSize(3);
    for (SplitBatch batch : split.batches()) {
      assertThat(batch.copies()).containsExactly("trough");
      assertThat(batch.litres()).isCloseTo(20 / 3.0, within(1e-9));
      assertThat(batch.minutes()).isCloseTo(10, within(1e-9));
    }
    // Two of them fill it exactly: no third.
    assertThat(BatchSplit.of(List.of(new Load("trough", 16, 30)), 8.0, null, null).batches())
        .hasSize(2);
  }

  @Test
  void aCopyThatTakesLongerThanTheClockLeavesIsRefusedByItsName() {
    List<Load> slow = List.of(new Load("cup", 1, 2), new Load("vase", 2, 13));
    assertThatThrownBy(() -> BatchSplit.of(slow, null, 12.0, null))
        .isInstanceOfSatisfying(
            RefusedException.class,
            e -> {
              assertThat(e.findings().get(0).code()).isEqualTo(FindingCode.BATCH_COPY_SLOW);
              assertThat(e.findings().get(0).params())
                  .containsEntry("copy", "vase")
                  .containsEntry("value", 13.0)
                  .containsEntry("left", 12.0);
            });
    assertThat(BatchSplit.of(slow, null, 13.0, null).batches()).hasSize(2);
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> new Load("", 1, 1)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new Load("c", 0, 1)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new Load("c", 1, -1)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new Load("c", 1, 1_441)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> BatchSplit.of(List.of(), null, null, null))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> BatchSplit.of(loads(1, 1), null, null, 0))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> BatchSplit.of(loads(1, 1), null, null, 501))
        .isInstanceOf(RefusedException.class);
  }

  static LongStream seeds() {
    return LongStream.range(500, 560);
  }

  /**
   * Against all ways to put up to eight copies into so many batches: as few batches as any way has,
   * or one more where whole copies do not add up, and the fullest within 4/3 of the most equal way
   * (Graham 1969).
   */
  @ParameterizedTest
  @MethodSource("seeds")
  void isNearTheBestOfAllWays(long seed) {
    Random random = new Random(seed);
    double[] litres = new double[2 + random.nextInt(7)];
    Arrays.setAll(litres, i -> 0.5 + random.nextInt(40) / 10.0);
    double mixerL = 4.5 + random.nextInt(60) / 10.0;
    BatchSplit split = BatchSplit.of(loads(1, litres), mixerL, null, null);
    int count = split.batches().size();
    assertThat(
            split.batches().stream().flatMap(b -> b.copies().stream()).collect(Collectors.toSet()))
        .hasSize(litres.length);
    double fullest = split.batches().stream().mapToDouble(SplitBatch::litres).max().orElseThrow();
    assertThat(fullest).isLessThanOrEqualTo(mixerL * (1 + 1e-9));
    int fewest = 1;
    while (best(litres, new double[fewest], 0) > mixerL * (1 + 1e-9)) {
      fewest++;
    }
    assertThat(count).as("seed %s", seed).isBetween(fewest, fewest + 1);
    assertThat(fullest)
        .as("seed %s", seed)
        .isLessThanOrEqualTo(best(litres, new double[count], 0) * 4 / 3 + 1e-9);
  }

  /** The fullest batch of the most equal way, each copy into each batch in turn. */
  private static double best(double[] litres, double[] bins, int next) {
    if (next == litres.length) {
      return Arrays.stream(bins).max().orElseThrow();
    }
    double least = Double.MAX_VALUE;
    for (int i = 0; i < bins.length; i++) {
      bins[i] += litres[next];
      least = Math.min(least, best(litres, bins, next + 1));
      bins[i] -= litres[next];
      if (bins[i] == 0) {
        // Empty ones are alike.
        break;
      }
    }
    return least;
  }
}
