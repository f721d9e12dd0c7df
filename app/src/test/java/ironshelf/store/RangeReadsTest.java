package ironshelf.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** That rows are found by their numbers, however many and however far apart they are. */
class RangeReadsTest {

  private final List<Integer> asked = new ArrayList<>();

  @Test
  void aFewAreAskedForByNumber() {
    assertThat(read(List.of(5L, 3L, 3L))).containsExactlyInAnyOrder(3L, 5L);
    assertThat(asked).containsExactly(2);
  }

  @Test
  void manyBesideEachOtherAreReadAsOneRun() {
    List<Long> odd = LongStream.range(0, 400).map(i -> 2 * i + 1).boxed().toList();
    assertThat(read(odd)).containsExactlyInAnyOrderElementsOf(odd);
    assertThat(asked).isEmpty();
  }

  @Test
  void manyFarApartAreAskedForSomeAtATime() {
    List<Long> far = LongStream.range(0, 450).map(i -> i * 1_000).boxed().toList();
    assertThat(read(far)).containsExactlyInAnyOrderElementsOf(far);
    assertThat(asked).containsExactly(200, 200, 50);
  }

  @Test
  void nobodyIsAskedForNothing() {
    assertThat(read(List.of())).isEmpty();
    assertThat(asked).isEmpty();
  }

  private List<Long> read(Collection<Long> numbers) {
    return RangeReads.read(
        numbers,
        few -> {
          asked.add(few.size());
          return List.copyOf(few);
        },
        (from, to) -> LongStream.rangeClosed(from, to).boxed().toList(),
        n -> n);
  }
}
