package ironshelf.core.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Check values: docs/method/target-weights.md. */
@Tag("accuracy")
class TargetReadingTest {

  private static final long SEED = 55;

  @Test
  void aPlateOfTwentyKilograms() {
    TargetReading plate = TargetReading.of(20, 1.2, 0, 0.967, 1);
    assertThat(plate.stopAtKg()).isCloseTo(21.88, within(5e-3));
    assertThat(plate.freshKg()).isCloseTo(20.68, within(5e-3));
  }

  @Test
  void aHandWeightOfFiftyPounds() {
    assertThat(TargetReading.headKg(50, 2)).isEqualTo(24);
    TargetReading twice = TargetReading.of(22.68, 0.5, 0.907, 0.967, 2);
    assertThat(twice.perPourKg()).isCloseTo(twice.freshKg() / 2, within(1e-12));
    assertThat(TargetReading.handleMm(120, 70, 20)).isEqualTo(220);
  }

  /** By hand: 2200 to 2600 with barytes of 4.2 (4191.6 kg/m3): x = 400 / 1991.6 = 0.2008. */
  /** Every pour has its reading: what was poured before still weighs what it did wet. */
  @Test
  void eachOfSeveralPoursHasItsReading() {
    TargetReading thrice = TargetReading.of(30, 2, 0.6, 0.98, 3);
    double each = (30 - 0.6) / 0.98 / 3;
    assertThat(thrice.stopsAtKg()).hasSize(3);
    for (int n = 1; n <= 3; n++) {
      assertThat(thrice.stopsAtKg().get(n - 1)).isCloseTo(2.6 + n * each, within(1e-9));
    }
    assertThat(TargetReading.of(20, 1.2, 0, 0.967, 1).stopsAtKg())
        .containsExactly(TargetReading.of(20, 1.2, 0, 0.967, 1).stopAtKg());
  }

  @Test
  void aDenserMix() {
    DensityFit fit = DensityFit.of(2200, 2600, 4.2);
    assertThat(fit.volumeShare()).isCloseTo(0.2008, within(5e-5));
    double mixL = 1 - fit.volumeShare();
    double massKg = mixL * 2.2 * (1 + fit.grainPerMixKg());
    assertThat(massKg).isCloseTo(2.6, within(1e-9));
    assertThat(DensityFit.of(2200, 1800, 0.4).volumeShare()).isBetween(0.2, 0.25);
    assertThatThrownBy(() -> DensityFit.of(2200, 4000, 4.2)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> DensityFit.of(2200, 2000, 4.2)).isInstanceOf(RefusedException.class);
  }

  /** docs/method/moulds.md: a sphere of 356 mm holds 23.624 L. */
  @Test
  void aSphereForAMass() {
    assertThat(TargetReading.sphereDiameterMm(23.624 * 2.4, 2400)).isCloseTo(356, within(0.01));
    assertThat(TargetReading.sphereMassKg(356, 2400)).isCloseTo(23.624 * 2.4, within(0.01));
    assertThatThrownBy(() -> TargetReading.sphereMassKg(0, 2400))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> TargetReading.sphereMassKg(356, 99))
        .isInstanceOf(RefusedException.class);
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> TargetReading.of(2, 0, 2, 0.967, 1))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> TargetReading.of(Double.NaN, 0, 0, 0.3, 0))
        .isInstanceOfSatisfying(RefusedException.class, e -> assertThat(e.findings()).hasSize(3));
  }

  @Test
  void pairsAreNeighbours() {
    Pairing pairing =
        Pairing.of(List.of(w("a", 10.0), w("b", 10.3), w("c", 10.05), w("d", 10.31)), 0.1);
    assertThat(pairing.pairs())
        .extracting(Pairing.Pair::first, Pairing.Pair::second)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple("a", "c"),
            org.assertj.core.groups.Tuple.tuple("b", "d"));
    assertThat(Pairing.of(List.of(w("a", 10), w("b", 11)), 0.1).alone()).containsExactly("a", "b");
  }

  /** All ways of pairing, tried one by one: most pairs, then the least sum of squares. */
  @Test
  void pairsAgainstBruteForce() {
    Random random = new Random(SEED);
    for (int n = 0; n < 200; n++) {
      List<Pairing.WeighedPiece> pool = new ArrayList<>();
      for (int i = 0; i < 2 + random.nextInt(7); i++) {
        pool.add(w("p" + i, 10 + random.nextInt(1000) / 1000.0));
      }
      double tolerance = random.nextInt(400) / 1000.0;
      Pairing ours = Pairing.of(pool, tolerance);
      double[] best = brute(pool, tolerance);
      assertThat((double) ours.pairs().size()).as("seed %s, %s", SEED, n).isEqualTo(best[0]);
      assertThat(ours.pairs().stream().mapToDouble(p -> p.differenceKg() * p.differenceKg()).sum())
          .as("seed %s, %s", SEED, n)
          .isCloseTo(best[1], within(1e-9));
    }
  }

  private static double[] brute(List<Pairing.WeighedPiece> pool, double tolerance) {
    if (pool.size() < 2) {
      return new double[] {0, 0};
    }
    List<Pairing.WeighedPiece> rest = pool.subList(1, pool.size());
    double[] best = brute(rest, tolerance);
    for (int i = 0; i < rest.size(); i++) {
      double difference = Math.abs(rest.get(i).massKg() - pool.get(0).massKg());
      if (difference <= tolerance) {
        List<Pairing.WeighedPiece> others = new ArrayList<>(rest);
        others.remove(i);
        double[] without = brute(others, tolerance);
        double pairs = without[0] + 1;
        double sum = without[1] + difference * difference;
        if (pairs > best[0] || (pairs == best[0] && sum < best[1])) {
          best = new double[] {pairs, sum};
        }
      }
    }
    return best;
  }

  private static Pairing.WeighedPiece w(String piece, double kg) {
    return new Pairing.WeighedPiece(piece, kg);
  }

  /** Over random workshops: nothing over mixer or clock, and all copies in exactly one batch. */
  @Test
  void batchSplitsKeepTheirLimits() {
    Random random = new Random(SEED);
    for (int n = 0; n < 500; n++) {
      List<BatchSplit.Load> loads = new ArrayList<>();
      for (int i = 0; i < 1 + random.nextInt(40); i++) {
        loads.add(
            new BatchSplit.Load(
                "c" + i, 0.2 + 3 * random.nextDouble(), 0.5 + 3 * random.nextDouble()));
      }
      Double mixer = random.nextBoolean() ? 3.5 + 8 * random.nextDouble() : null;
      Double clock = random.nextBoolean() ? 4 + 20 * random.nextDouble() : null;
      BatchSplit split = BatchSplit.of(loads, mixer, clock, null);
      List<String> all = new ArrayList<>();
      for (BatchSplit.SplitBatch batch : split.batches()) {
        assertThat(batch.litres()).isLessThanOrEqualTo(mixer == null ? 1e9 : mixer * 1.000001);
        assertThat(batch.minutes()).isLessThanOrEqualTo(clock == null ? 1e9 : clock * 1.000001);
        all.addAll(batch.copies());
      }
      assertThat(all)
          .as("seed %s, %s", SEED, n)
          .containsExactlyInAnyOrderElementsOf(loads.stream().map(BatchSplit.Load::copy).toList());
      assertThat(split.batches().stream().mapToDouble(BatchSplit.SplitBatch::litres).sum())
          .isCloseTo(loads.stream().mapToDouble(BatchSplit.Load::litres).sum(), within(1e-9));
    }
  }

  @Test
  void equalCopiesMakeEqualBatches() {
    List<BatchSplit.Load> eight = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      eight.add(new BatchSplit.Load("c" + i, 1, 2));
    }
    assertThat(BatchSplit.of(eight, 5.0, null, null).batches())
        .extracting(BatchSplit.SplitBatch::litres)
        .containsExactly(4.0, 4.0);
    assertThatThrownBy(() -> BatchSplit.of(eight, null, 1.0, null))
        .isInstanceOf(RefusedException.class);
  }

  /** docs/method/pour.md: a piece larger than the mixer is several equal mixes into one copy. */
  @Test
  void aCopyLargerThanTheMixerIsFilledFromEqualParts() {
    BatchSplit split =
        BatchSplit.of(List.of(new BatchSplit.Load("bath", 29, 10)), 12.0, null, null);
    assertThat(split.batches()).hasSize(3);
    assertThat(split.batches())
        .allSatisfy(
            b -> {
              assertThat(b.copies()).containsExactly("bath");
              assertThat(b.litres()).isCloseTo(29 / 3.0, within(1e-12));
            });
  }

  @Test
  void moreBatchesCanBeWanted() {
    List<BatchSplit.Load> six = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      six.add(new BatchSplit.Load("c" + i, 1, 2));
    }
    assertThat(BatchSplit.of(six, null, null, 3).batches())
        .extracting(BatchSplit.SplitBatch::litres)
        .containsExactly(2.0, 2.0, 2.0);
    assertThat(BatchSplit.of(six, 2.0, null, 2).batches()).hasSize(3);
  }

  /** By hand: 24 lb dry, 11.2575 kg wet, 5.361 L; 41 236 mm2 at 130 mm; 218.2 across. */
  @Test
  void aHeadIsAsWideAsItsMixNeeds() {
    assertThat(TargetReading.headAcrossMm(24 * 0.45359237, 130)).isEqualTo(219);
    assertThatThrownBy(() -> TargetReading.headAcrossMm(0, 130))
        .isInstanceOf(RefusedException.class);
  }
}
