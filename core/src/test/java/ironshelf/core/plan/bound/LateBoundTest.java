package ironshelf.core.plan.bound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.plan.BegunCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.bound.LateBound.Turn;
import ironshelf.core.plan.resource.Instance;
import ironshelf.core.plan.resource.TinyShop;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Late days that no plan goes below, worked by hand: each mould casts seven times a day. */
class LateBoundTest {

  private static PlanRequest request(List<Demand> demands, List<BegunCast> begun) {
    return new PlanRequest(
        TinyShop.START,
        TinyShop.HOURS,
        1,
        List.of(new PlanMould("tray", 1, 1, 10), new PlanMould("box", 1, 1, 10)),
        List.of(),
        List.of(
            new PlanProduct("tile", "tray", null, 0, null, TinyShop.ROUTE),
            new PlanProduct("chest", "box", null, 0, null, TinyShop.ROUTE)),
        demands,
        0,
        begun,
        null);
  }

  private static Demand demand(
      String order, String product, int quantity, int dueIn, double weight, Feed feeds) {
    return new Demand(
        order, product, quantity, TinyShop.START.toLocalDate().plusDays(dueIn), weight, feeds);
  }

  private static LateBound of(List<Demand> demands, List<BegunCast> begun) {
    return new LateBound(new Instance(request(demands, begun)));
  }

  /** Eight tiles due today are a day late by the eighth; eight chests due tomorrow are not. */
  @Test
  void mouldsAreAddedUp() {
    assertThat(of(List.of(demand("t", "tile", 7, 0, 1, null)), null).leastLateDays()).isZero();
    assertThat(of(List.of(demand("t", "tile", 8, 0, 2, null)), null).leastLateDays()).isEqualTo(2);
    LateBound both =
        of(List.of(demand("t", "tile", 8, 0, 2, null), demand("c", "chest", 15, 1, 3, null)), null);
    assertThat(both.leastLateDays()).isEqualTo(5);
    assertThat(both.leastLateDays()).as("asked again").isEqualTo(5);
    LateBound thirds = of(List.of(demand("t", "tile", 8, 0, 0.3, null)), null);
    assertThat(thirds.leastLateDays()).isCloseTo(0.3, within(1e-5)).isLessThan(0.3);
  }

  /** Five and five due today: whoever is first is in time, and the heavier one is. */
  @Test
  void turnsAreTheSequenceOfLeastCost() {
    LateBound bound =
        of(
            List.of(
                demand("light", "tile", 5, 0, 1, null),
                demand("chests", "chest", 1, 0, 1, null),
                demand("heavy", "tile", 5, 0, 4, null)),
            null);
    assertThat(bound.leastLateDays()).isEqualTo(1);
    assertThat(bound.turns())
        .extracting(Turn::demand, Turn::atMin)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple(2, 0),
            org.assertj.core.groups.Tuple.tuple(0, 5 * 85),
            org.assertj.core.groups.Tuple.tuple(1, 0));
    assertThat(bound.turns().get(1).castsAt().subList(0, 3)).containsExactly(425, 510, 595);
    assertThat(bound.turns().get(0).castsAt()).hasSize(5);
  }

  /** Parts have no turn: what takes them is late instead. */
  @Test
  void partsAreNotLateByThemselves() {
    LateBound bound =
        of(
            List.of(
                demand("chest", "chest", 1, 0, 1, null),
                demand("part", "tile", 20, 0, 1, new Feed("chest", 0))),
            null);
    assertThat(bound.leastLateDays()).isZero();
    assertThat(bound.turns()).extracting(Turn::demand).containsExactly(0);
  }

  /** A tray that is full until ten past nine, and washed by twenty past. */
  @Test
  void aCopyThatIsFullComesFreeFirst() {
    BegunCast full = TinyShop.full("tray", 1, 65 / 60.0, 5);
    BegunCast out = new BegunCast("o", null, 0, 1, List.of(), null);
    List<Demand> demands =
        List.of(demand("t", "tile", 1, 0, 1, null), demand("c", "chest", 1, 0, 1, null));
    assertThat(of(demands, List.of(full, out)).turns())
        .extracting(Turn::atMin)
        .containsExactly(80, 0);
    LateBound held = of(List.of(demand("t", "tile", 7, 0, 1, null)), List.of(full));
    assertThat(held.leastLateDays()).as("six are in today").isEqualTo(1);
  }
}
