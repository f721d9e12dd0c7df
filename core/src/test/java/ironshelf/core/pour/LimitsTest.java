package ironshelf.core.pour;

import static ironshelf.core.quantity.Refusals.assertRefusedAt;
import static ironshelf.core.quantity.Refusals.refusal;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the sums around a pour refuse, and their figures at a limit itself. */
class LimitsTest {

  static Stream<Arguments> refused() {
    return Stream.of(
        refusal("massKg", () -> new Pairing.WeighedPiece("a", 0)),
        refusal("toleranceKg", () -> Pairing.of(List.of(), -1)),
        refusal("pool", () -> Pairing.of(null, 1)),
        refusal("fillers", () -> Leftover.of(1, null)),
        refusal("leftKg", () -> Leftover.of(100.1, List.of())),
        refusal("worth", () -> new Leftover.Filler("cup", 1, 1, 0)),
        refusal("grainRelativeDensity", () -> DensityFit.of(2_000, 2_500, 0)),
        refusal("wantedKgM3", () -> DensityFit.of(2_000, 99, 4)),
        refusal("share", () -> new PourInput.LayerMix(null, 0)),
        refusal("mixKgM3", () -> MouldFit.of(1, 1, 99, null, null)),
        refusal("leastMm", () -> MouldFit.of(1, 1, 2_000, 1.0, 0.0)),
        refusal("massKg", () -> TargetReading.sphereDiameterMm(0, 2_400)),
        refusal("densityKgM3", () -> TargetReading.sphereDiameterMm(1, 99)),
        refusal("bossMm", () -> TargetReading.handleMm(120, 30, 31)),
        refusal("gripMm", () -> TargetReading.handleMm(0, 30, 5)));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("refused")
  void refuses(String field, ThrowingCallable made) {
    assertRefusedAt(field, made);
  }

  /** By hand: 2 L of 2000 kg/m3 are 4 kg, and a millimetre of 0.1 kg makes them 40 mm high. */
  @Test
  void whatJustFitsIsNeitherTooMuchNorTooThin() {
    MouldFit fit = MouldFit.of(4, 2, 2_000, 0.1, 40.0);
    assertThat(fit.over()).isFalse();
    assertThat(fit.thin()).isFalse();
    assertThat(fit.wantedKgM3()).isNull();
    MouldFit thinner = MouldFit.of(3.9, 2, 2_000, 0.1, 40.0);
    assertThat(thinner.thin()).isTrue();
    assertThat(thinner.wantedKgM3()).isCloseTo(1_950, within(1e-9));
  }

  /** A handle may go through to the boss's end: 120 mm of grip and twice nothing. */
  @Test
  void aBossAsThickAsItsHeadLeavesTheGripAlone() {
    assertThat(TargetReading.handleMm(120, 30, 30)).isEqualTo(120);
    assertThat(TargetReading.handleMm(120, 30, 5)).isEqualTo(170);
  }

  /** By hand: 1 g, 3 g and 6 g of 10 g, and a mould of 4 g that is worth less by the gram. */
  @Test
  void aLeftoverIsUsedToTheGram() {
    Leftover all =
        Leftover.of(
            0.010,
            List.of(
                new Leftover.Filler("a", 0.001, 1, 1),
                new Leftover.Filler("b", 0.003, 1, 3),
                new Leftover.Filler("c", 0.006, 1, 6),
                new Leftover.Filler("d", 0.004, 1, 3.9)));
    assertThat(all.fill()).extracting(Leftover.Fill::mould).containsExactly("a", "b", "c");
    assertThat(all.usedKg()).isCloseTo(0.010, within(1e-12));
    assertThat(all.wastedKg()).isCloseTo(0, within(1e-12));
  }

  /** Pieces of one mass pair whatever the tolerance; a gram more than it and they do not. */
  @Test
  void theToleranceItselfStillPairs() {
    List<Pairing.WeighedPiece> pool =
        List.of(
            new Pairing.WeighedPiece("a", 20.05),
            new Pairing.WeighedPiece("b", 20),
            new Pairing.WeighedPiece("c", 30));
    assertThat(Pairing.of(pool, 0.05).pairs()).hasSize(1);
    assertThat(Pairing.of(pool, 0.049).alone()).containsExactly("b", "a", "c");
  }
}
