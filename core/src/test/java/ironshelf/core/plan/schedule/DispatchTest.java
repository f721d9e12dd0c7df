package ironshelf.core.plan.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.RandomShop;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.TinyShop;
import ironshelf.core.plan.schedule.Dispatch.Rule;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Which mix comes next by a rule: two trays, 10 min to mix, 5 to fill each, 6 to wash, and 2 h to
 * set. Minutes are from eight o'clock on a Monday.
 */
class DispatchTest {

  private static final List<PlanStep> ROUTE =
      List.of(
          RandomShop.work("pour", 5, 1, 0, false),
          RandomShop.wait("set", 2, null),
          RandomShop.work("demould", 4, 1, 0, true));

  /** Looks a day and a half ahead, waits for no copy, and keeps none for others. */
  private static final Rule PLAIN = rule(0, 60, Double.POSITIVE_INFINITY);

  private final List<PlanProduct> products = new ArrayList<>();
  private final List<Demand> demands = new ArrayList<>();
  private List<BegunCast> begun = List.of();

  private static Rule rule(int patienceMin, int windowMin, double reserve) {
    return new Rule(1.5 * 24 * 60, patienceMin, windowMin, reserve);
  }

  private void product(String name, List<PlanStep> route, LocalDateTime notBefore) {
    products.add(new PlanProduct(name, "tray", name, 0, null, route, "face", 2, notBefore, null));
  }

  private void demand(
      String product, int quantity, int dueIn, double weight, Feed feeds, Boolean promised) {
    demands.add(
        new Demand(
            "o" + demands.size(),
            product,
            quantity,
            TinyShop.START.toLocalDate().plusDays(dueIn),
            weight,
            feeds,
            promised));
  }

  private List<List<Integer>> run(Rule rule) {
    Instance instance =
        new Instance(
            new PlanRequest(
                TinyShop.START,
                TinyShop.HOURS,
                1,
                List.of(new PlanMould("tray", 2, 1, 0)),
                List.of(),
                products,
                demands,
                0,
                begun,
                null,
                List.of(new PlanMixer("bucket", 8)),
                List.of(new PlanRecipe("face", 10, 60.0, 0, 0, 6, null)),
                0));
    return new Dispatch(new Schedule(instance, 1_000), rule)
        .run().stream().map(Job::demands).toList();
  }

  @Test
  void whatIsDueSoonerComesFirst() {
    product("white", ROUTE, null);
    demand("white", 2, 9, 1, null, null);
    demand("white", 2, 0, 1, null, null);
    assertThat(run(PLAIN)).containsExactly(List.of(1, 1), List.of(0, 0));
  }

  @Test
  void soDoesWhatWeighsMoreAndWhatIsPromised() {
    product("white", ROUTE, null);
    demand("white", 2, 3, 1, null, null);
    demand("white", 2, 3, 2, null, null);
    demand("white", 2, 3, 1, null, true);
    assertThat(run(PLAIN)).containsExactly(List.of(2, 2), List.of(1, 1), List.of(0, 0));
  }

  /** A demand of many casts needs the trays for rounds, and has less time to spare. */
  @Test
  void ofManyCastsMoreIsToBeDone() {
    product("white", ROUTE, null);
    product("slow", List.of(ROUTE.get(0), RandomShop.wait("set", 40, null), ROUTE.get(2)), null);
    demand("white", 1, 3, 1, null, null);
    demand("slow", 1, 3, 1, null, null);
    assertThat(run(PLAIN)).containsExactly(List.of(1), List.of(0));
  }

  /** The second tray comes free at 60; the first is full at 15. */
  @Test
  void aMixWaitsForAnotherTrayAsLongAsItsRuleSays() {
    product("white", ROUTE, null);
    demand("white", 2, 3, 1, null, null);
    begun = List.of(TinyShop.full("tray", 2, 56 / 60.0, 4));
    assertThat(run(rule(44, 60, 9))).containsExactly(List.of(0), List.of(0));
    assertThat(run(rule(45, 60, 9))).containsExactly(List.of(0, 0));
  }

  /** What can be mixed from 90 on competes with what can be mixed at once, or does not. */
  @Test
  void whatCanBeginSoonCompetes() {
    product("white", ROUTE, null);
    product("black", ROUTE, TinyShop.START.plusMinutes(100));
    demand("white", 1, 9, 1, null, null);
    demand("black", 1, 0, 1, null, null);
    assertThat(run(rule(0, 89, 9))).containsExactly(List.of(0), List.of(1));
    assertThat(run(rule(0, 90, 9))).containsExactly(List.of(1), List.of(0));
  }

  /** One of two trays is left for a colour that cannot be mixed yet and is far more urgent. */
  @Test
  void aTrayIsKeptForWhatIsMuchMoreUrgent() {
    product("white", ROUTE, null);
    product("black", ROUTE, TinyShop.START.plusMinutes(100));
    demand("white", 2, 9, 1, null, null);
    demand("black", 1, 0, 1, null, null);
    assertThat(run(rule(0, 60, Double.POSITIVE_INFINITY)).get(0)).containsExactly(0, 0);
    assertThat(run(rule(0, 60, 2)).get(0)).containsExactly(0);
    assertThat(run(rule(0, 60, 1e9)).get(0)).as("not that much").containsExactly(0, 0);
  }

  /** Parts are due when what takes them begins, whatever day they carry, and come before it. */
  @Test
  void partsComeInTimeForWhatTakesThem() {
    PlanStep join = new PlanStep("join", 5, 0, null, 1, 0, false, true);
    product("white", ROUTE, null);
    product("chest", List.of(ROUTE.get(0), ROUTE.get(1), ROUTE.get(2), join), null);
    demand("chest", 1, 1, 1, null, null);
    demand("white", 2, 3, 1, null, null);
    demand("white", 2, 99, 1, new Feed("o0", 0), null);
    List<List<Integer>> jobs = run(PLAIN);
    assertThat(jobs.get(0)).containsExactly(2, 2);
    assertThat(jobs.indexOf(List.of(0))).isGreaterThan(0);
  }

  /** What is mixed by itself comes after all mixes, each demand as one job. */
  @Test
  void whatIsMixedByItselfComesLast() {
    products.add(new PlanProduct("cup", "tray", null, 0, null, ROUTE));
    product("white", ROUTE, null);
    demand("cup", 3, 0, 1, null, null);
    demand("white", 1, 9, 1, null, null);
    assertThat(run(PLAIN)).containsExactly(List.of(1), List.of(0, 0, 0));
  }

  @Test
  void rulesDifferInAllOfTheirParts() {
    assertThat(Dispatch.rules()).hasSize(18).doesNotHaveDuplicates();
  }
}
