package ironshelf.core.pour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.pour.Pairing.WeighedPiece;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("accuracy")
class PairingTest {

  private static final long SEED = 4;

  /** In binary 20.05 - 20.00 is over 0.05: decimals, as a scale shows them, are a pair. */
  @Test
  void exactlyTheToleranceIsAPair() {
    List<WeighedPiece> pool = pool(20.00, 20.05, 0.3, 0.1);
    Pairing matched = Pairing.of(pool, 0.05);
    assertThat(matched.pairs()).hasSize(1);
    assertThat(matched.pairs().get(0).differenceKg()).isEqualTo(0.05);
    assertThat(Pairing.of(pool(0.3, 0.1), 0.2).pairs()).hasSize(1);
    assertThat(Pairing.of(pool(20, 20.051), 0.05).pairs()).isEmpty();
  }

  @Test
  void aHoleInThePoolIsNamed() {
    List<WeighedPiece> pool = Arrays.asList(new WeighedPiece("a", 1), null);
    assertThatThrownBy(() -> Pairing.of(pool, 1))
        .isInstanceOf(RefusedException.class)
        .hasMessageContaining("pool.1");
  }

  /** Against every way to pair up to eight pieces. */
  @Test
  void noOtherWayIsBetter() {
    Random random = new Random(SEED);
    for (int n = 0; n < 300; n++) {
      double[] masses = random.doubles(1 + random.nextInt(8), 1, 2).toArray();
      for (int i = 0; i < masses.length; i++) {
        masses[i] = Math.round(masses[i] * 100) / 100.0;
      }
      double tolerance = 0.01 * random.nextInt(30);
      Pairing found = Pairing.of(pool(masses), tolerance);
      double[] best = best(masses, new boolean[masses.length], tolerance);
      assertThat(found.pairs().size()).as("seed %s, %s", SEED, n).isEqualTo((int) best[0]);
      double squares =
          found.pairs().stream().mapToDouble(p -> p.differenceKg() * p.differenceKg()).sum();
      assertThat(squares).as("seed %s, %s", SEED, n).isCloseTo(best[1], within(1e-9));
    }
  }

  /** Most pairs, and the least squares with so many. */
  private static double[] best(double[] masses, boolean[] used, double tolerance) {
    int first = 0;
    while (first < masses.length && used[first]) {
      first++;
    }
    if (first == masses.length) {
      return new double[2];
    }
    used[first] = true;
    double[] best = best(masses, used, tolerance);
    for (int i = first + 1; i < masses.length; i++) {
      double difference = Math.abs(masses[i] - masses[first]);
      // Hundredths: what is nearer than a thousandth of one is the same.
      if (!used[i] && difference <= tolerance + 1e-5) {
        used[i] = true;
        double[] rest = best(masses, used, tolerance);
        double squares = rest[1] + difference * difference;
        if (rest[0] + 1 > best[0] || (rest[0] + 1 == best[0] && squares < best[1])) {
          best = new double[] {rest[0] + 1, squares};
        }
        used[i] = false;
      }
    }
    used[first] = false;
    return best;
  }

  private static List<WeighedPiece> pool(double... masses) {
    List<WeighedPiece> pool = new ArrayList<>();
    for (double mass : masses) {
      pool.add(new WeighedPiece("p" + pool.size(), mass));
    }
    return pool;
  }
}
