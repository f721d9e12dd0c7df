package ironshelf.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.Finding;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.RefusedException;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("accuracy")
class BatchClockTest {

  /** docs/method/mixes.md: halves for every 10 degrees above 20 and doubles below. */
  @ParameterizedTest
  @CsvSource({"20, 15", "30, 7.5", "10, 30", "25, 10.6066"})
  void workingTimeHalvesEveryTenDegrees(double mixC, double minutes) {
    assertThat(WorkingTime.minutes(15, mixC)).isCloseTo(minutes, within(1e-4));
  }

  /**
   * ACI 305R's mix temperature, by hand: 4 kg solids at 20 and 1 kg water at 10 with 0.88 and 4.18
   * kJ/kgK: (4 x 0.88 x 20 + 4.18 x 10) / (4 x 0.88 + 4.18) = 14.57.
   */
  @Test
  void theMixIsTheWeightedMean() {
    assertThat(new MixHeat(4, 20, 1).mixC(10, 0, "iceKg")).isCloseTo(14.571, within(1e-3));
    assertThat(new MixHeat(4, 20, 1).mixC(20, 0, "iceKg")).isCloseTo(20, within(1e-12));
  }

  @Test
  void colderWaterBuysTime() {
    double cold = workingMin(5);
    double cool = workingMin(15);
    assertThat(cold).isGreaterThan(cool).isGreaterThan(15);
  }

  @Test
  void theClockLimitsTheBatch() {
    // 15 min at 20 degrees, 3 to mix, 2 a piece: six pieces a batch; seven make 4 and 3.
    BatchResult seven =
        BatchSum.of(new BatchRequest(BatchSumTest.neat(4, 1, 15.0), 7, 0, null, 20, 20, 7, 2, 3));
    assertThat(seven.batches()).extracting(BatchResult.Batch::pieces).containsExactly(4, 3);
    assertThat(seven.batches().get(0).pourWithinMin()).isCloseTo(12, within(1e-9));
  }

  @Test
  void aLimitMetExactlyIsMet() {
    BatchResult six =
        BatchSum.of(new BatchRequest(BatchSumTest.neat(4, 1, 15.0), 6, 0, 6.0, 20, 20, 6, 2, 3));
    assertThat(six.batches()).hasSize(1);
  }

  @Test
  void whatDoesNotFitOnePieceIsRefused() {
    assertThat(refusalCode(2.0, 15.0, 2)).isEqualTo(FindingCode.BATCH_MIXER_TOO_SMALL);
    assertThat(refusalCode(null, 4.0, 2)).isEqualTo(FindingCode.BATCH_CLOCK_TOO_SHORT);
    assertThat(refusalCode(null, 3.0, 0)).isEqualTo(FindingCode.BATCH_CLOCK_TOO_SHORT);
  }

  private static FindingCode refusalCode(Double mixerL, double workingMin, double perPiece) {
    RefusedException refused =
        catchThrowableOfType(
            RefusedException.class,
            () ->
                BatchSum.of(
                    new BatchRequest(
                        BatchSumTest.neat(4, 1, workingMin),
                        6,
                        0,
                        mixerL,
                        20,
                        20,
                        2,
                        perPiece,
                        3)));
    return refused.findings().stream().map(Finding::code).findFirst().orElseThrow();
  }

  /** Seeded random cases; the seed is the parameter. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void batchesNeverPassMixerOrClockAndSumToTheWhole(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 200; i++) {
      int pieces = 1 + random.nextInt(80);
      double needed = pieces * (0.2 + random.nextDouble() * 3);
      double mixer = needed / pieces * 1.1 * (1 + random.nextDouble() * 12);
      double perPiece = random.nextDouble() * 3;
      BatchRequest request =
          new BatchRequest(
              BatchSumTest.neat(4, 1, 15.0), needed, 8, mixer, 20, 15, pieces, perPiece, 3);
      BatchResult result = BatchSum.of(request);
      double sum = 0;
      for (BatchResult.Batch batch : result.batches()) {
        assertThat(batch.pieces() * perPiece).isLessThanOrEqualTo(batch.pourWithinMin() + 1e-6);
        assertThat(result.yieldL() * batch.pieces() / pieces).isLessThanOrEqualTo(mixer + 1e-6);
        assertThat(result.batches().get(0).pieces() - batch.pieces()).isBetween(0, 1);
        sum += batch.lines().get(0).massKg();
      }
      assertThat(sum).isCloseTo(result.lines().get(0).massKg(), within(1e-9));
      assertThat(result.batches().stream().mapToInt(BatchResult.Batch::pieces).sum())
          .isEqualTo(pieces);
    }
  }

  private static double workingMin(double waterC) {
    return BatchSum.of(
            new BatchRequest(BatchSumTest.neat(4, 1, 15.0), 1, 0, null, 20, waterC, 1, 0, 0))
        .workingMin();
  }
}
