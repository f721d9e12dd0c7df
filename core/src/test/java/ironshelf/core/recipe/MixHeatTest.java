package ironshelf.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.material.Role;
import ironshelf.core.quantity.RefusedException;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("accuracy")
class MixHeatTest {

  private static final long SEED = 305;

  /**
   * ACI 305R, temperature of fresh concrete with ice, in SI: T = (0.22 (Ta Wa + Tc Wc) + Tw Ww -
   * 79.6 Wi) / (0.22 (Wa + Wc) + Ww + Wi). Its constants are rounded from ours: 0.88 / 4.18 =
   * 0.2105 and 335 / 4.18 = 80.1.
   */
  @Test
  void againstAci305() {
    Random random = new Random(SEED);
    for (int n = 0; n < 200; n++) {
      double solids = 5 + 40 * random.nextDouble();
      double solidsC = 5 + 30 * random.nextDouble();
      double water = solids * (0.1 + 0.3 * random.nextDouble());
      double waterC = 2 + 25 * random.nextDouble();
      double ice =
          Math.min(water * 0.3, new MixHeat(solids, solidsC, water).mostIceKg(waterC))
              * random.nextDouble();
      double aci =
          (0.22 * solids * solidsC + waterC * (water - ice) - 79.6 * ice) / (0.22 * solids + water);
      assertThat(new MixHeat(solids, solidsC, water).mixC(waterC, ice, "ice"))
          .as("seed %s, %s", SEED, n)
          .isCloseTo(aci, within(1.0));
    }
  }

  @Test
  void coolingIsTheInverse() {
    MixHeat heat = new MixHeat(8, 28, 1.6);
    MixHeat.Cooling cool = heat.coolingFor(22);
    assertThat(cool.iceKg()).isZero();
    assertThat(heat.mixC(cool.waterC(), 0, "ice")).isCloseTo(22, within(1e-9));
    MixHeat.Cooling icy = heat.coolingFor(13);
    assertThat(icy.iceKg()).isPositive();
    assertThat(heat.mixC(icy.waterC(), icy.iceKg(), "ice")).isCloseTo(13, within(1e-9));
    assertThat(heat.coolingFor(-30).reached()).isFalse();
    assertThat(WorkingTime.minutes(15, WorkingTime.mixCFor(15, 22))).isCloseTo(22, within(1e-9));
  }

  /** What melts all the ice brings the mix to 0 and no lower; a gram more is refused. */
  @Test
  void iceMeltsOnlyAboveNought() {
    // 8 kg at 20 and 1.6 kg of water at 15: (8 x 0.88 x 20 + 1.6 x 4.18 x 15) / (335 + 62.7).
    double most = (8 * 0.88 * 20 + 1.6 * 4.18 * 15) / (335 + 4.18 * 15);
    MixHeat heat = new MixHeat(8, 20, 1.6);
    assertThat(heat.mostIceKg(15)).isCloseTo(most, within(1e-12));
    assertThat(heat.mixC(15, most, "ice")).isCloseTo(0, within(1e-9));
    assertThatThrownBy(() -> heat.mixC(15, most + 0.001, "ice"))
        .isInstanceOf(RefusedException.class);
    MixHeat.Cooling coldest = heat.coolingFor(-1);
    assertThat(coldest.reached()).isFalse();
    assertThat(heat.mixC(coldest.waterC(), coldest.iceKg(), "ice")).isCloseTo(0, within(1e-9));
    assertThat(new MixHeat(8, -20, 0.2).mostIceKg(1)).isZero();
  }

  /** The rule of halving is not stretched: what is colder than 5 counts as 5, over 40 as 40. */
  @Test
  void workingTimeIsCappedWhereItLeavesItsRange() {
    assertThat(WorkingTime.minutes(15, 5)).isCloseTo(15 * Math.pow(2, 1.5), within(1e-9));
    // Four fifths of 15 minutes.
    assertThat(WorkingTime.tappedMinutes(15)).isCloseTo(12, within(1e-9));
    assertThat(WorkingTime.minutes(15, -3)).isEqualTo(WorkingTime.minutes(15, 5));
    assertThat(WorkingTime.minutes(15, 55)).isEqualTo(WorkingTime.minutes(15, 40));
    assertThat(WorkingTime.isForetold(4.9)).isFalse();
    assertThat(WorkingTime.isForetold(20)).isTrue();
  }

  /** docs/method/mixes.md: bag of 80 lb with 1 1/4 US gal at 0.60 ft3: 2414 kg/m3. */
  @Test
  void aBagWithItsYield() {
    double bagKg = 80 * 0.45359237;
    double waterKg = 1.25 * 3.785411784 * 0.998;
    Recipe bag =
        new Recipe(
            List.of(
                Ingredient.of("bagged mix", Role.BINDER, Basis.PARTS_BY_MASS, bagKg, 2.6, 1750.0),
                Ingredient.of("water", Role.WATER, Basis.PARTS_BY_MASS, waterKg, 1, null)),
            0,
            1,
            60.0,
            null,
            0.60 * 28.316846592);
    BatchResult half =
        BatchSum.of(new BatchRequest(bag, 0.30 * 28.316846592, 0, null, 20, 20, 1, 0, 0));
    assertThat(half.freshDensityKgM3()).isCloseTo(2414, within(1.0));
    assertThat(half.lines().get(0).massKg()).isCloseTo(bagKg / 2, within(1e-9));
  }
}
