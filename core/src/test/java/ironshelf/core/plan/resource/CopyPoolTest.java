package ironshelf.core.plan.resource;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Copies in the order in which they come free, and what they are kept for. */
class CopyPoolTest {

  @Test
  void theCopyThatIsFreeFirstIsTakenFirst() {
    CopyPool pool = new CopyPool(3);
    pool.hold(pool.copy(1), 90);
    pool.hold(pool.copy(2), 30);
    assertThat(pool.freeTimes()).containsExactly(0, 30, 90);
    CopyPool.Copy first = pool.takeFirst();
    assertThat(first.number).isEqualTo(3);
    pool.giveBack(first, 60);
    assertThat(pool.takeFirst().number).isEqualTo(2);
    assertThat(pool.takeFirst().number).isEqualTo(3);
    assertThat(pool.takeFirst().number).isEqualTo(1);
  }

  @Test
  void ofTwoThatAreFreeAtOnceTheLowerNumberGoes() {
    CopyPool pool = new CopyPool(2);
    pool.hold(pool.copy(1), 15);
    pool.hold(pool.copy(2), 15);
    assertThat(pool.takeFirst().number).isEqualTo(1);
  }

  /** What ends when something else begins does not touch it. */
  @Test
  void aCopyRunsIntoWhatItIsKeptFor() {
    CopyPool.Copy copy = new CopyPool(1).copy(1);
    copy.promise(100, 200);
    copy.promise(300, 400);
    assertThat(copy.runsInto(0, 100)).isEqualTo(-1);
    assertThat(copy.runsInto(0, 101)).isEqualTo(200);
    assertThat(copy.runsInto(199, 250)).isEqualTo(200);
    assertThat(copy.runsInto(200, 300)).isEqualTo(-1);
    assertThat(copy.runsInto(250, 301)).isEqualTo(400);
    assertThat(copy.runsInto(400, 900)).isEqualTo(-1);
  }
}
