package ironshelf.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.piece.WeightControl.RunRule;
import ironshelf.core.piece.WeightControl.Signal;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("accuracy")
class WeightControlTest {

  /** NIST/SEMATECH e-Handbook 6.3.2.2, example of ten flow rates: 50.81, 55.8041 and 45.8159. */
  @Test
  void theTenFlowRates() {
    List<Double> rates = List.of(49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4, 53.6, 52.1);
    WeightControl chart = WeightControl.of(rates, null, null);
    assertThat(chart.meanKg()).isCloseTo(50.81, within(1e-9));
    assertThat(chart.meanRangeKg()).isCloseTo(1.8778, within(5e-5));
    assertThat(chart.highKg()).isCloseTo(55.8041, within(5e-4));
    assertThat(chart.lowKg()).isCloseTo(45.8159, within(5e-4));
    assertThat(chart.signals()).isEmpty();
    assertThat(chart.insideShare()).isNull();
  }

  /** Western Electric's rules (NIST 6.3.2), each with a run that breaks it and no more. */
  @Test
  void runsThatChanceHardlyMakes() {
    // One above and one below 20 in turn, the last below: sigma is 2 / 1.128.
    List<Double> quiet = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      quiet.add(i % 2 == 0 ? 21.0 : 19.0);
    }
    assertThat(WeightControl.of(quiet, null, null).signals()).isEmpty();
    assertThat(rules(quiet, List.of(26.5))).containsExactly(RunRule.BEYOND_LIMITS);
    assertThat(rules(quiet, List.of(23.9, 20.0, 23.9))).containsExactly(RunRule.TWO_OF_THREE);
    assertThat(rules(quiet, List.of(22.2, 22.2, 20.0, 22.2, 22.2)))
        .containsExactly(RunRule.FOUR_OF_FIVE);
    assertThat(rules(quiet, Collections.nCopies(7, 19.5)))
        .containsExactly(RunRule.EIGHT_ON_ONE_SIDE);
  }

  @Test
  void theShareWithinTheToleranceIsTold() {
    List<Double> plates = List.of(20.0, 20.3, 19.8, 20.6, 19.7);
    assertThat(WeightControl.of(plates, 20.0, 0.3).insideShare()).isCloseTo(0.8, within(1e-12));
    assertThatThrownBy(() -> WeightControl.of(List.of(20.0), null, null))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> WeightControl.of(plates, null, 0.3))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> WeightControl.of(List.of(20.0, -1.0), null, null))
        .isInstanceOf(RefusedException.class);
  }

  /** What is signalled once these are put behind a hundred quiet pieces. */
  private static List<RunRule> rules(List<Double> quiet, List<Double> then) {
    List<Double> all = new ArrayList<>(quiet);
    all.addAll(then);
    all.addAll(quiet);
    return WeightControl.of(all, null, null).signals().stream().map(Signal::rule).toList();
  }
}
