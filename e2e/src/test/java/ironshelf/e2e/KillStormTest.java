package ironshelf.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A short storm; {@code bench/kill-storm.sh 200} is the long one. */
class KillStormTest {

  private static final int ROUNDS = 6;

  /** Two lives, so that the second begins with what a kill left of the first. */
  private static final int DEATHS = 4;

  @Test
  void nothingAnsweredIsLostWhateverIsKilled() throws Exception {
    StormLook.Found found = KillStorm.run(ROUNDS, DEATHS, 7, System.out);
    assertThat(found.wrong()).isEmpty();
    assertThat(found.round()).isEqualTo(ROUNDS);
    assertThat(found.acts()).isPositive();
  }
}
