package ironshelf.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A short storm; {@code bench/kill-storm.sh 200} is the long one. */
class KillStormTest {

  private static final int ROUNDS = 12;

  @Test
  void nothingAnsweredIsLostWhateverIsKilled() throws Exception {
    StormLook.Found found = KillStorm.run(ROUNDS, 7, System.out);
    assertThat(found.wrong()).isEmpty();
    assertThat(found.round()).isEqualTo(ROUNDS);
    assertThat(found.acts()).isPositive();
  }
}
