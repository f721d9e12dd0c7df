package ironshelf.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.Objective.Breaches;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What makes one plan better than another, in this order (docs/method/plan.md). */
class ObjectiveTest {

  private static final Breaches NONE = new Breaches(0, 0, 0);

  private static Objective of(
      Breaches breaches, Double promised, double late, Long mix, Double weighs, long... rest) {
    return new Objective(
        breaches, promised, late, mix, null, null, weighs, rest[0], rest[1], rest[2]);
  }

  /** Each is worse than the one before it in one thing, and better in all that counts less. */
  @Test
  void oneThingAfterTheOther() {
    List<Objective> ordered =
        List.of(
            of(NONE, null, 1, 60L, 0.0, 1, 1, 5),
            of(NONE, null, 1, 60L, 0.0, 1, 1, 6),
            of(NONE, null, 1, 60L, 0.0, 1, 2, 4),
            of(NONE, null, 1, 60L, 0.0, 2, 0, 4),
            of(NONE, null, 1, 61L, 0.0, 0, 0, 4),
            of(NONE, null, 2, 30L, 0.0, 0, 0, 4),
            of(NONE, 1.0, 1, 30L, 0.0, 0, 0, 4),
            of(new Breaches(0, 0, 1), 0.0, 0, 30L, 0.0, 0, 0, 4),
            of(new Breaches(0, 2, 0), 0.0, 0, 30L, 0.0, 0, 0, 4),
            of(new Breaches(3, 0, 0), 0.0, 0, 30L, 0.0, 0, 0, 4));
    List<Objective> shuffled = new ArrayList<>(ordered);
    Collections.reverse(shuffled);
    Collections.sort(shuffled);
    assertThat(shuffled).isEqualTo(ordered);
  }

  /** An hour that weighs half a day: two hours less are worth one day late. */
  @Test
  void workCountsAsFarAsAnHourWeighs() {
    Objective longer = of(NONE, null, 2, 240L, 0.5, 0, 0, 0);
    Objective later = of(NONE, null, 3, 120L, 0.5, 0, 0, 0);
    assertThat(longer.cost()).isEqualTo(4);
    assertThat(later.cost()).isEqualTo(4);
    assertThat(later).as("of the same cost the shorter").isLessThan(longer);
    assertThat(of(NONE, null, 2, 240L, null, 0, 0, 0).cost()).isEqualTo(2);
    Objective all = new Objective(NONE, null, 0, 10L, 20L, 40L, 1.0, 0, 0, 0);
    assertThat(all.minutes()).isEqualTo(70);
    assertThat(of(NONE, null, 0, null, null, 0, 0, 0).minutes()).isZero();
  }

  @Test
  void aKnownPlanIsGivenUpForAnAdvantageThatIsWorthIt() {
    Objective known = of(NONE, null, 4, 60L, 0.5, 0, 0, 0);
    assertThat(known.isWorthGivingUpFor(of(NONE, null, 3.5, 60L, 0.5, 0, 0, 0))).isFalse();
    assertThat(known.isWorthGivingUpFor(of(NONE, null, 3.4, 60L, 0.5, 0, 0, 0))).isTrue();
    Objective lateOnly = of(NONE, null, 4, 60L, null, 0, 0, 0);
    assertThat(lateOnly.isWorthGivingUpFor(of(NONE, null, 3.9, 60L, null, 0, 0, 0))).isTrue();
    assertThat(lateOnly.isWorthGivingUpFor(of(NONE, null, 4, 30L, null, 0, 0, 0))).isFalse();
  }

  /** Fewer late days of what is promised are worth it whatever else comes; more of them never. */
  @Test
  void promisesComeFirst() {
    Objective known = of(NONE, 1.0, 4, 60L, 0.5, 0, 0, 0);
    assertThat(known.isWorthGivingUpFor(of(NONE, 0.0, 9, 60L, 0.5, 0, 0, 0))).isTrue();
    assertThat(known.isWorthGivingUpFor(of(NONE, 2.0, 0, 60L, 0.5, 0, 0, 0))).isFalse();
    assertThat(known.promisedLate()).isEqualTo(1);
    assertThat(of(NONE, null, 4, 60L, 0.5, 0, 0, 0).promisedLate()).isZero();
  }
}
