package ironshelf.core.plan.promise;

import static ironshelf.core.quantity.Refusals.assertRefusedAt;
import static ironshelf.core.quantity.Refusals.refusal;
import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.promise.Promise.PromiseRequest;
import ironshelf.core.plan.promise.Simulation.Asked;
import ironshelf.core.plan.promise.Simulation.SimulateRequest;
import ironshelf.core.plan.promise.Simulation.Spread;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What a promise and a simulation refuse, a value just past each limit, and what is usual. */
class LimitsTest {

  private static final PlanRequest PLAN = RandomShop.of(2, 6);
  private static final LocalDate DAY = RandomShop.START.toLocalDate();
  private static final String ORDER = PLAN.demands().get(0).order();

  static Stream<Arguments> refused() {
    return Stream.of(
        refusal("setPercent", () -> new Spread(101, 4, 2)),
        refusal("scrapPercent", () -> new Spread(12, 51, 2)),
        refusal("absentPercent", () -> new Spread(12, 4, 51)),
        refusal("order", () -> new Asked("", DAY)),
        refusal("date", () -> new Asked("o", null)),
        refusal("plan", () -> new SimulateRequest(null, null, null, null, null)),
        refusal("weeks", () -> new SimulateRequest(PLAN, 9, null, null, null)),
        refusal("weeks", () -> new SimulateRequest(PLAN, 2_001, null, null, null)),
        refusal("dates.1.order", LimitsTest::ofAnUnknownOrder),
        refusal("plan", () -> new PromiseRequest(null, "p0", 1, null, null, null)),
        refusal("product", () -> new PromiseRequest(PLAN, "nothing", 1, null, null, null)),
        refusal("quantity", () -> new PromiseRequest(PLAN, "p0", 0, null, null, null)),
        refusal("moreCopies", () -> new PromiseRequest(PLAN, "p0", 1, 11, null, null)),
        refusal("plan.demands", () -> new PromiseRequest(PLAN, "p0", 1, null, ORDER, null)));
  }

  private static SimulateRequest ofAnUnknownOrder() {
    List<Asked> dates = List.of(new Asked(ORDER, DAY), new Asked("nobody's", DAY));
    return new SimulateRequest(PLAN, null, null, dates, null);
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("refused")
  void refuses(String field, ThrowingCallable made) {
    assertRefusedAt(field, made);
  }

  @Test
  void whatIsNotGivenIsUsual() {
    SimulateRequest request =
        new SimulateRequest(PLAN, null, null, List.of(new Asked(ORDER, DAY)), null);
    assertThat(request.weeks()).isEqualTo(200);
    assertThat(request.spread()).isEqualTo(new Spread(12, 4, 2));
    PromiseRequest promise = new PromiseRequest(PLAN, "p0", 1, null, null, null);
    assertThat(promise.order()).isNotBlank();
    assertThat(promise.moreCopies()).isPositive();
  }
}
