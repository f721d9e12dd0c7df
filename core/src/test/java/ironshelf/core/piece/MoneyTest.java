package ironshelf.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.quantity.RefusedException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("accuracy")
class MoneyTest {

  private static final long SEED = 10_000;

  /** Ten thousand random pours: what is shared out adds up to the cent, and no part is negative. */
  @Test
  void sharesAddUpToTheCent() {
    Random random = new Random(SEED);
    for (int n = 0; n < 10_000; n++) {
      BigDecimal cost = BigDecimal.valueOf(random.nextInt(100_000), 2);
      List<Double> volumes = new ArrayList<>();
      for (int i = 0; i < 1 + random.nextInt(30); i++) {
        volumes.add(0.01 + random.nextDouble());
      }
      List<BigDecimal> parts = Shares.of(cost, volumes);
      assertThat(parts.stream().reduce(BigDecimal.ZERO, BigDecimal::add))
          .as("seed %s, %s", SEED, n)
          .isEqualByComparingTo(cost);
      assertThat(parts).allMatch(p -> p.signum() >= 0 && p.scale() == 2);
    }
  }

  /** Hamilton's method, by hand: 1.00 over three alike is 0.34, 0.33, 0.33. */
  @Test
  void theCentLeftOverGoesToTheFirst() {
    assertThat(Shares.of(new BigDecimal("1.00"), List.of(1.0, 1.0, 1.0)))
        .containsExactly(new BigDecimal("0.34"), new BigDecimal("0.33"), new BigDecimal("0.33"));
    assertThat(Shares.of(new BigDecimal("-1.00"), List.of(1.0, 2.0)))
        .containsExactly(new BigDecimal("-0.33"), new BigDecimal("-0.67"));
    assertThatThrownBy(() -> Shares.of(BigDecimal.ONE, List.of(0.0)))
        .isInstanceOf(RefusedException.class);
  }

  /** By hand: 1.20 + 0.30 + 0.50 + 6 min at 20 an hour = 4.00; a fifth is scrap: 5.00. */
  @Test
  void whatAPieceCosts() {
    PieceCost cost =
        PieceCost.of(
            new BigDecimal("1.20"),
            new BigDecimal("0.30"),
            new BigDecimal("0.50"),
            PieceCost.labour(6, new BigDecimal("20")),
            0.2);
    assertThat(cost.total()).isEqualByComparingTo("5.00");
    assertThat(cost.scrap()).isEqualByComparingTo("1.00");
    // Twenty attended minutes at 20 an hour.
    assertThat(PieceCost.labour(20, new BigDecimal("20"))).isEqualByComparingTo("6.6667");
  }
}
