package ironshelf.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.Promise.PromiseRequest;
import ironshelf.core.plan.Promise.WithCopies;
import ironshelf.core.quantity.RefusedException;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PromiseTest {

  /** Planned as promised it is ready by then, and nobody is later for it. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16})
  void aPromiseIsKeptWhenItIsPlanned(long seed) {
    PlanRequest plan = RandomShop.of(seed, 8);
    Promise promise = Promise.of(new PromiseRequest(plan, "p0", 3, 0));
    List<Demand> all = new ArrayList<>(plan.demands());
    all.add(new Demand("asked", "p0", 3, promise.date(), 1));
    CastPlan before = ForwardPass.of(plan);
    CastPlan after = ForwardPass.of(plan.wanting(all));
    CastPlan last = ForwardPass.of(plan.wanting(lastOf(all, promise)));
    long lateFirst = late(after, "asked");
    assertThat(Math.min(lateFirst, late(last, "asked"))).as("seed %d", seed).isZero();
    CastPlan kept = lateFirst == 0 ? after : last;
    before
        .orders()
        .forEach(
            o ->
                assertThat(late(kept, o.order()))
                    .as("seed %d, %s", seed, o.order())
                    .isLessThanOrEqualTo(o.lateDays()));
  }

  private static List<Demand> lastOf(List<Demand> all, Promise promise) {
    List<Demand> others = new ArrayList<>(all.subList(0, all.size() - 1));
    others.add(new Demand("asked", "p0", 3, promise.date().plusYears(1), 1));
    return others;
  }

  @ParameterizedTest
  @ValueSource(longs = {31, 32, 33, 34})
  void moreCopiesAreNeverMuchLater(long seed) {
    Promise promise = Promise.of(new PromiseRequest(RandomShop.of(seed, 6), "p0", 12, 3));
    assertThat(promise.curve()).hasSize(4);
    WithCopies none = promise.curve().get(0);
    WithCopies three = promise.curve().get(3);
    assertThat(three.date()).as("seed %d", seed).isBeforeOrEqualTo(none.date().plusDays(1));
  }

  @Test
  void whatIsNotMadeCannotBePromised() {
    PlanRequest plan = RandomShop.of(1, 2);
    assertThatThrownBy(() -> new PromiseRequest(plan, "hat", 1, 0))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new PromiseRequest(plan, "p0", 0, 0))
        .isInstanceOf(RefusedException.class);
  }

  private static long late(CastPlan plan, String order) {
    return plan.orders().stream()
        .filter(o -> o.order().equals(order))
        .findFirst()
        .orElseThrow()
        .lateDays();
  }
}
