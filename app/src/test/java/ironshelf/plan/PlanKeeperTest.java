package ironshelf.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** When a plan is made for changes that come one after the other. */
class PlanKeeperTest {

  private static final int CHANGES = 50;

  /** Long enough for a keeper that does not wait to begin in the midst of them. */
  private static final int BURST = 10_000;

  @Test
  void aBurstOfChangesIsOnePlanWithoutAnybodyWhoLooks() throws InterruptedException {
    CountDownLatch made = new CountDownLatch(1);
    AtomicInteger plans = new AtomicInteger();
    PlanKeeper keeper =
        new PlanKeeper(
            () -> {
              plans.incrementAndGet();
              made.countDown();
            });
    for (int i = 0; i < BURST; i++) {
      keeper.renew();
    }
    assertThat(made.await(1, TimeUnit.MINUTES)).isTrue();
    keeper.end();
    assertThat(plans.get()).isEqualTo(1);
  }

  /** Each of who changes something and looks sees the plan after it. */
  @Test
  void whoLooksHasThePlanOfAllThatWasChanged() throws InterruptedException {
    AtomicInteger changed = new AtomicInteger();
    AtomicInteger planned = new AtomicInteger();
    PlanKeeper keeper = new PlanKeeper(() -> planned.set(changed.get()));
    for (int i = 1; i <= CHANGES; i++) {
      changed.set(i);
      keeper.renew();
      assertThat(keeper.isRenewed()).isTrue();
      assertThat(planned.get()).isEqualTo(i);
    }
    keeper.end();
  }

  @Test
  void aPlanThatCannotBeMadeHoldsNobodyUp() throws InterruptedException {
    PlanKeeper keeper =
        new PlanKeeper(
            () -> {
              throw new IllegalStateException("a fact that is no fact");
            });
    keeper.renew();
    assertThat(keeper.isRenewed()).isTrue();
    keeper.end();
  }
}
