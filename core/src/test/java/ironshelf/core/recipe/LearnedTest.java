package ironshelf.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("accuracy")
class LearnedTest {

  @Test
  void eachPourMovesItAQuarterOfTheWay() {
    assertThat(Learned.of(0.7, List.of())).isEqualTo(new Learned(0.7, 0, List.of()));
    assertThat(Learned.of(0.7, List.of(0.8)).value()).isCloseTo(0.725, within(1e-12));
    // 0.7 + 0.1/4 = 0.725; 0.725 + 0.085/4 = 0.74625 (worked out by hand).
    assertThat(Learned.of(0.7, List.of(0.8, 0.81)).value()).isCloseTo(0.74625, within(1e-12));
    assertThat(Learned.of(0.7, Collections.nCopies(46, 0.8)).value()).isCloseTo(0.8, within(1e-4));
  }

  @Test
  void oneBadWeighingTeachesNothing() {
    for (int good = 1; good <= 12; good++) {
      for (int at = 0; at <= good; at++) {
        for (double bad : new double[] {0.1, 0.5, 0.85, 1.15, 3, 10}) {
          List<Double> values = new ArrayList<>(Collections.nCopies(good, 1.0));
          values.add(at, bad);
          Learned learned = Learned.of(1, values);
          assertThat(learned.heldOut()).as("%s", values).containsExactly(at);
          assertThat(learned.value()).isEqualTo(1);
        }
      }
    }
    List<Double> uneven = List.of(0.80, 0.81, 0.79, 0.80, 2.5, 0.8);
    assertThat(Learned.of(0.7, uneven).heldOut()).containsExactly(4);
    assertThat(Learned.of(0.7, uneven).count()).isEqualTo(5);
  }

  /**
   * Another sand from the tenth pour on: the first two look like bad weighings, the third tells.
   */
  @Test
  void whatReallyChangedIsLearned() {
    List<Double> values = new ArrayList<>(Collections.nCopies(10, 1.0));
    values.addAll(List.of(0.85, 0.85));
    assertThat(Learned.of(1, values).heldOut()).containsExactly(10, 11);
    values.add(0.85);
    assertThat(Learned.of(1, values).heldOut()).containsExactly(10);
    values.add(0.85);
    assertThat(Learned.of(1, values).heldOut()).isEmpty();
    // 1 - 0.15 (1 - 0.75^4) = 0.89746 (worked out by hand).
    assertThat(Learned.of(1, values).value()).isCloseTo(0.89746, within(1e-5));
  }
}
