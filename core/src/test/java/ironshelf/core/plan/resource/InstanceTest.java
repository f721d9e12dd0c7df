package ironshelf.core.plan.resource;

import static ironshelf.core.plan.resource.TinyShop.waiting;
import static ironshelf.core.plan.resource.TinyShop.work;
import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.PinnedCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.PlanRequest.Feed;
import ironshelf.core.plan.PlanRequest.PlanMixer;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.resource.Activity.Stay;
import ironshelf.core.plan.resource.Instance.Line;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A request in numbers: two products of one mix in two colours, one that is mixed by itself. */
class InstanceTest {

  private static final LocalDateTime START = TinyShop.START;
  private static final LocalDate DAY = START.toLocalDate();
  private static final List<PlanStep> SOAKED =
      List.of(
          work("pour", 10, false),
          waiting("soak", 2, "bath"),
          waiting("rest", 1, null),
          work("demould", 5, true));

  private static final PlanRequest REQUEST =
      new PlanRequest(
          START,
          TinyShop.HOURS,
          2,
          List.of(new PlanMould("tray", 2, 3, 7.6), new PlanMould("box", 1, 1, 0)),
          List.of(new PlanStation("bath", 4)),
          List.of(
              mixed("white tile", "tray", "white", 3, null),
              mixed("black tile", "tray", "black", 3, START.plusHours(5)),
              mixed("white box", "box", "white", 2, START.minusHours(5)),
              new PlanProduct("cup", "box", null, 0, null, TinyShop.ROUTE)),
          List.of(
              demand("a", "white tile", 7, 3, null, true),
              demand("b", "black tile", 3, 0, null, null),
              demand("c", "white box", 2, 9, new Feed("a", 0), null),
              demand("d", "cup", 1, 9, new Feed("a", 0), null)),
          0,
          null,
          List.of(
              pin("a", "white tile", 2, 600),
              pin("c", "white box", 1, 90),
              pin("c", "white box", 1, 30),
              pin("c", "white box", 1, 10),
              pin("x", "cup", 1, 5),
              pin("a", "cup", 1, 5)),
          List.of(new PlanMixer("bucket", 12), new PlanMixer("cup", 2)),
          List.of(new PlanRecipe("face", 10, 40.0, 0, 0, 5, null)),
          0);

  private final Instance instance = new Instance(REQUEST);

  private static PlanProduct mixed(
      String name, String mould, String colour, double litres, LocalDateTime notBefore) {
    return new PlanProduct(name, mould, colour, 0, null, SOAKED, "face", litres, notBefore, null);
  }

  private static Demand demand(
      String order, String product, int quantity, int dueIn, Feed feeds, Boolean promised) {
    return new Demand(order, product, quantity, DAY.plusDays(dueIn), 1, feeds, promised);
  }

  private static PinnedCast pin(String order, String product, int copy, int minute) {
    return new PinnedCast(order, product, copy, START.plusMinutes(minute));
  }

  @Test
  void demandsAreCastsInMoulds() {
    Line a = instance.lines.get(0);
    assertThat(a).isEqualTo(new Line(0, 0, 3, 3, 7, 3, 1, false, true, 0));
    assertThat(instance.lines).extracting(Line::casts).containsExactly(3, 1, 2, 1);
    assertThat(instance.lines).extracting(Line::isPart).containsExactly(false, false, true, true);
    assertThat(instance.lines).extracting(Line::releaseMin).containsExactly(0, 300, 0, 0);
    assertThat(instance.demandsOfMould(0)).containsExactly(0, 1);
    assertThat(instance.demandsOfMould(1)).containsExactly(2, 3);
    assertThat(instance.washMin(0)).isEqualTo(8);
    assertThat(instance.takerOf(2)).isZero();
    assertThat(instance.takerOf(0)).isNull();
    assertThat(instance.hasPromises()).isTrue();
    assertThat(instance.hasWindows()).isFalse();
  }

  @Test
  void oneFamilyARecipeAndColour() {
    assertThat(instance.families).extracting(Family::colour).containsExactly("white", "black");
    assertThat(instance.families).allMatch(f -> f.largestL() == 12 && f.people() == 2);
    assertThat(instance.familyOf(0)).isEqualTo(instance.familyOf(2)).isZero();
    assertThat(instance.familyOf(1)).isEqualTo(1);
    assertThat(instance.familyOf(3)).isEqualTo(Instance.NONE);
    assertThat(instance.litresOf(2)).isEqualTo(2);
    assertThat(instance.fillMin(2)).isEqualTo(10);
    assertThat(instance.activitiesOf(instance.lines.get(0)).get(0).inBatch()).isTrue();
    assertThat(instance.activitiesOf(instance.lines.get(3)).get(0).inBatch()).isFalse();
  }

  /** Each cast in a copy of its own, together no more than the mixer holds. */
  @Test
  void castsOfOneMix() {
    assertThat(instance.isOneMix(List.of(0, 0))).isTrue();
    assertThat(instance.isOneMix(List.of(0, 0, 0))).as("two copies").isFalse();
    assertThat(instance.isOneMix(List.of(0, 0, 2))).isTrue();
    assertThat(instance.isOneMix(List.of(2, 2))).as("one box").isFalse();
  }

  /** What is filled stands in the bath; where it stands without room being short is left out. */
  @Test
  void whatFollowsTheFilling() {
    assertThat(instance.setsIn(0)).containsExactly(new Stay(0, 0, 120));
    assertThat(instance.setsIn(3)).isEmpty();
  }

  @Test
  void daysAreThoseOfTheCalendar() {
    int untilMidnight = 16 * 60;
    assertThat(instance.day(0)).isZero();
    assertThat(instance.day(untilMidnight - 1)).isZero();
    assertThat(instance.day(untilMidnight)).isEqualTo(1);
    assertThat(instance.endOfDay(0)).isEqualTo(untilMidnight - 1);
    assertThat(instance.endOfDay(2)).isEqualTo(untilMidnight + 2 * 1_440 - 1);
    assertThat(instance.at(90)).isEqualTo(START.plusMinutes(90));
    Line due = instance.lines.get(1);
    assertThat(instance.lateDays(due, untilMidnight - 1)).isZero();
    assertThat(instance.lateDays(due, untilMidnight + 1_440)).isEqualTo(2);
    assertThat(instance.lateDays(instance.lines.get(0), 0)).as("early").isZero();
    assertThat(instance.lateDays(instance.lines.get(2), 99_999)).as("a part").isZero();
  }

  /**
   * As many as a demand has casts; parts come before what takes them, and the earlier before the
   * later.
   */
  @Test
  void pinsFindTheirDemands() {
    assertThat(instance.pins)
        .extracting(Instance.Pin::demand, Instance.Pin::copy, Instance.Pin::pourMin)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple(2, 1, 30),
            org.assertj.core.groups.Tuple.tuple(2, 1, 90),
            org.assertj.core.groups.Tuple.tuple(0, 2, 600));
    assertThat(instance.pins).extracting(Instance.Pin::no).containsExactly(2, 1, 0);
  }

  @Test
  void withoutMixersEachCastIsMixedByItself() {
    Instance alone = TinyShop.instance(1, List.of(), TinyShop.ROUTE);
    assertThat(alone.families).isEmpty();
    assertThat(alone.familyOf(0)).isEqualTo(Instance.NONE);
    assertThat(alone.hasPromises()).isFalse();
    PlanStep soon = work("strip", 5, true).within(1, 10);
    assertThat(TinyShop.instance(1, List.of(), List.of(work("pour", 1, false), soon)).hasWindows())
        .isTrue();
  }
}
