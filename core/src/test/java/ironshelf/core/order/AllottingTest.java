package ironshelf.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Rules: docs/method/orders.md; worked by hand. */
@Tag("accuracy")
class AllottingTest {

  @Test
  void theOldestBatchThatIsEnoughAlone() {
    List<Candidate> free =
        List.of(of(1, 10, 1), of(2, 11, 2), of(3, 11, 3), of(4, 12, 4), of(5, 12, 4), of(6, 12, 5));
    assertThat(Allotting.byShade(free, 2, Set.of())).containsExactly(2L, 3L);
    assertThat(Allotting.byShade(free, 1, Set.of())).containsExactly(1L);
    assertThat(Allotting.byShade(free, 3, Set.of())).containsExactly(4L, 5L, 6L);
  }

  @Test
  void whatTheLineHasBegunWithComesFirst() {
    List<Candidate> free = List.of(of(1, 10, 1), of(2, 10, 1), of(3, 11, 9));
    assertThat(Allotting.byShade(free, 2, Set.of(11L))).containsExactly(3L, 1L);
    assertThat(Allotting.byShade(free, 9, Set.of())).hasSize(3);
    assertThat(Allotting.byShade(free, 0, Set.of())).isEmpty();
  }

  /** Against trying all sets of batches. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void noFewerBatchesWouldDo(long seed) {
    Random random = new Random(seed);
    List<Candidate> free = new ArrayList<>();
    int[] sizes = new int[6];
    for (int i = 0; i < 20; i++) {
      int batch = random.nextInt(6);
      sizes[batch]++;
      free.add(of(i + 1, batch, random.nextInt(50)));
    }
    int wanted = 1 + random.nextInt(18);
    int fewest = 6;
    for (int set = 1; set < 64; set++) {
      int sum = 0;
      for (int b = 0; b < 6; b++) {
        sum += (set >> b & 1) * sizes[b];
      }
      fewest = sum >= wanted ? Math.min(fewest, Integer.bitCount(set)) : fewest;
    }
    List<Long> taken = Allotting.byShade(free, wanted, Set.of());
    assertThat(taken).as("seed %d", seed).hasSize(wanted).doesNotHaveDuplicates();
    assertThat(
            free.stream().filter(c -> taken.contains(c.piece())).map(Candidate::batch).distinct())
        .as("seed %d", seed)
        .hasSize(fewest);
  }

  @Test
  void pairsThatMatchBeforeWhatIsOlder() {
    List<Candidate> free =
        List.of(
            new Candidate(1, 1, at(1), 20.0),
            new Candidate(2, 1, at(2), 21.0),
            new Candidate(3, 2, at(3), 20.05),
            new Candidate(4, 2, at(4), 21.01),
            new Candidate(5, 2, at(0), null));
    assertThat(Allotting.byMass(free, 2, 0.2)).containsExactly(2L, 4L);
    assertThat(Allotting.byMass(free, 4, 0.2)).containsExactly(2L, 4L, 1L, 3L);
    assertThat(Allotting.byMass(free, 3, 0.2)).containsExactly(2L, 4L, 5L);
    assertThat(Allotting.byMass(free, 2, 0.001)).containsExactly(5L, 1L);
  }

  /** A begun batch that is enough closes the choice; where it is not, the rest is chosen for. */
  @Test
  void onlyWhatTheBegunBatchLacksIsTakenFromAnother() {
    List<Candidate> free =
        List.of(of(1, 10, 1), of(2, 11, 2), of(3, 11, 3), of(4, 12, 9), of(5, 12, 9));
    assertThat(Allotting.byShade(free, 2, Set.of(12L))).containsExactly(4L, 5L);
    // One more: the oldest batch that is enough for one, not the larger.
    assertThat(Allotting.byShade(free, 3, Set.of(12L))).containsExactly(4L, 5L, 1L);
    assertThat(Allotting.byShade(free, 4, Set.of(12L))).containsExactly(4L, 5L, 2L, 3L);
    // Two begun ones come in the order of their oldest pieces.
    assertThat(Allotting.byShade(free, 3, Set.of(12L, 10L))).containsExactly(1L, 4L, 5L);
  }

  /** Where no batch is enough, the largest is broken first; of equals the one with the oldest. */
  @Test
  void theLargestBatchIsBrokenFirst() {
    List<Candidate> free =
        List.of(of(1, 10, 5), of(2, 10, 5), of(3, 11, 1), of(4, 11, 7), of(5, 12, 0));
    assertThat(Allotting.byShade(free, 4, Set.of())).containsExactly(3L, 4L, 1L, 2L);
    assertThat(Allotting.byShade(free, 5, Set.of())).containsExactly(3L, 4L, 1L, 2L, 5L);
  }

  /** Pairs within the tolerance, and not a gram more; a wanted odd one is the oldest left. */
  @Test
  void theToleranceItselfIsAPair() {
    List<Candidate> free =
        List.of(
            new Candidate(1, 1, at(1), 20.0),
            new Candidate(2, 1, at(2), 20.125),
            new Candidate(3, 1, at(3), null));
    assertThat(Allotting.byMass(free, 2, 0.125)).containsExactly(1L, 2L);
    assertThat(Allotting.byMass(free, 1, 0.125)).containsExactly(1L);
    assertThat(Allotting.byMass(free, 9, 0.125)).containsExactly(1L, 2L, 3L);
    assertThat(Allotting.byMass(free, 0, 0.125)).isEmpty();
  }

  private static Candidate of(long piece, long batch, int hour) {
    return new Candidate(piece, batch, at(hour), null);
  }

  private static Instant at(int hour) {
    return Instant.EPOCH.plusSeconds(3_600L * hour);
  }
}
