package ironshelf.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.piece.Matching.Item;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class MatchingTest {

  private static Item plate(long id, double massKg) {
    return new Item(id, massKg, "grey");
  }

  /** By hand: of five plates within 50 g, 20.02 goes with 20.05 and 20.11 with 20.14. */
  @Test
  void twoPairsOfPlates() {
    Matching pairs =
        Matching.of(
            List.of(
                plate(1, 20.11),
                plate(2, 20.02),
                plate(3, 19.90),
                plate(4, 20.14),
                plate(5, 20.05)),
            2,
            0.05);
    assertThat(pairs.sets())
        .extracting(s -> s.items().get(0).id() + "+" + s.items().get(1).id())
        .containsExactly("2+5", "1+4");
    assertThat(pairs.sets().get(0).spreadKg()).isCloseTo(0.03, within(1e-9));
    assertThat(pairs.left()).extracting(Item::id).containsExactly(3L);
  }

  /** 5.2 - 5.1 is a hair more than 0.1 in binary. */
  @Test
  void whatDiffersByTheToleranceGoesTogether() {
    assertThat(Matching.of(List.of(plate(1, 5.1), plate(2, 5.2)), 2, 0.1).sets()).hasSize(1);
  }

  @Test
  void shadesAreNotMixed() {
    List<Item> trays = List.of(new Item(1, 1, "clay"), new Item(2, 1, "slate"));
    assertThat(Matching.of(trays, 2, 1).sets()).isEmpty();
    assertThat(Matching.of(trays, 2, 1).left()).hasSize(2);
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> Matching.of(List.of(), 1, 1)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> Matching.of(List.of(), 2, -1)).isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> plate(1, 0)).isInstanceOf(RefusedException.class);
    assertThat(Matching.of(List.of(), 2, 1).sets()).isEmpty();
  }

  static List<Long> seeds() {
    return IntStream.range(0, 120).mapToObj(i -> 900L + i).toList();
  }

  /** Against every way to choose sets, one by one. */
  @ParameterizedTest
  @MethodSource("seeds")
  void noOtherChoiceHasMoreSetsOrLessSpread(long seed) {
    Random random = new Random(seed);
    int size = 2 + random.nextInt(2);
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      items.add(plate(i, 20 + random.nextInt(40) / 100.0));
    }
    double tolerance = random.nextInt(15) / 100.0;
    Matching matching = Matching.of(items, size, tolerance);
    double[] best = best(items, size, tolerance);
    assertThat(matching.sets()).hasSize((int) best[0]);
    assertThat(matching.sets().stream().mapToDouble(Matching.MatchedSet::spreadKg).sum())
        .isCloseTo(best[1], within(1e-9));
    assertThat(matching.sets().size() * size + matching.left().size()).isEqualTo(8);
  }

  /** Most sets, then least spread, over all ways. */
  private static double[] best(List<Item> items, int size, double tolerance) {
    if (items.size() < size) {
      return new double[] {0, 0};
    }
    List<Item> rest = items.subList(1, items.size());
    double[] best = best(rest, size, tolerance);
    for (int mask = 0; mask < 1 << rest.size(); mask++) {
      if (Integer.bitCount(mask) != size - 1) {
        continue;
      }
      List<Item> set = new ArrayList<>(List.of(items.get(0)));
      List<Item> others = new ArrayList<>();
      for (int i = 0; i < rest.size(); i++) {
        ((mask >> i & 1) == 1 ? set : others).add(rest.get(i));
      }
      double spread =
          set.stream().mapToDouble(Item::massKg).max().orElse(0)
              - set.stream().mapToDouble(Item::massKg).min().orElse(0);
      if (spread > tolerance + 1e-9) {
        continue;
      }
      double[] with = best(others, size, tolerance);
      if (with[0] + 1 > best[0] || (with[0] + 1 == best[0] && with[1] + spread < best[1] - 1e-12)) {
        best = new double[] {with[0] + 1, with[1] + spread};
      }
    }
    return best;
  }
}
