package ironshelf.core.plan.resource;

import static ironshelf.core.plan.resource.TinyShop.waiting;
import static ironshelf.core.plan.resource.TinyShop.work;
import static org.assertj.core.api.Assertions.assertThat;

import ironshelf.core.plan.PlanStep;
import ironshelf.core.plan.PlanStep.LayerMix;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The earliest timing of one cast, worked by hand. Minutes from eight o'clock on Monday. */
class ResourcesTest {

  private static final int DAY = 24 * 60;

  private static Resources of(Instance instance) {
    return new Resources(instance, 60);
  }

  @Test
  void alone() {
    Instance shop = TinyShop.instance(1, List.of(), TinyShop.ROUTE);
    Timing timing = of(shop).timing(shop.activities.get(0), 3, 1);
    assertThat(timing.pour()).isEqualTo(3);
    assertThat(timing.end(0)).isEqualTo(13);
    assertThat(timing.start(1)).isEqualTo(73);
    assertThat(timing.freed()).isEqualTo(78);
    assertThat(timing.ready()).isEqualTo(78);
    assertThat(timing.forHands() + timing.forStation() + timing.forParts()).isZero();
    assertThat(timing.station()).isEqualTo(Activity.NOWHERE);
  }

  /** The second is poured after the first, and taken out after it: 10 and 5 minutes of waiting. */
  @Test
  void oneWaitsForTheOther() {
    Instance shop = TinyShop.instance(1, List.of(), TinyShop.ROUTE);
    Resources resources = of(shop);
    List<Activity> route = shop.activities.get(0);
    Timing first = resources.timing(route, 0, 1);
    resources.take(first, 1);
    Timing second = resources.timing(route, 0, 1);
    assertThat(second.pour()).isEqualTo(10);
    assertThat(second.freed()).isEqualTo(85);
    assertThat(second.forHands()).isEqualTo(10);
    resources.give(first, 1);
    assertThat(resources.timing(route, 0, 1).pour()).isZero();
  }

  /** Pieces stay in the bath from when they are out until somebody has time for them. */
  @Test
  void workIsPutOffUntilTheBathHasRoom() {
    List<PlanStep> soaked =
        List.of(
            work("pour", 10, false),
            work("demould", 5, true),
            waiting("soak", 2, "bath"),
            work("rinse", 6, false));
    Instance shop = TinyShop.instance(2, List.of(), soaked);
    Resources resources = of(shop);
    Timing first = resources.timing(shop.activities.get(0), 0, 3);
    resources.take(first, 3);
    assertThat(first.start(2)).isEqualTo(15 + 120);
    Timing one = resources.timing(shop.activities.get(0), 0, 1);
    assertThat(one.start(1)).as("a fourth fits").isEqualTo(10);
    Timing two = resources.timing(shop.activities.get(0), 0, 2);
    assertThat(two.end(1)).as("as the first leave").isEqualTo(135);
    assertThat(two.forStation()).isEqualTo(120);
    assertThat(two.station()).isZero();
    assertThat(resources.overfull()).isZero();
    resources.take(one, 2);
    assertThat(resources.overfull()).isEqualTo(1);
    resources.give(one, 2);
    assertThat(resources.overfull()).isZero();
  }

  @Test
  void joiningWaitsForTheParts() {
    PlanStep join = new PlanStep("join", 5, 0, null, 1, 0, false, true);
    List<PlanStep> route = List.of(work("pour", 10, true), join);
    Instance shop = TinyShop.instance(1, List.of(), route);
    List<Activity> activities = shop.activities.get(0);
    Timing timing = of(shop).timing(activities, 0, 1, new int[] {50}, 0);
    assertThat(timing.start(1)).isEqualTo(50);
    assertThat(timing.forParts()).isEqualTo(40);
    assertThat(of(shop).timing(activities, 0, 1, new int[] {9}, 0).forParts()).isZero();
    assertThat(of(shop).timing(activities, 0, 1, Resources.NO_WAIT, 77).start(1)).isEqualTo(77);
  }

  /** 8 minutes to get ready, once for two pieces that are polished one after the other. */
  @Test
  void whoIsSetUpGoesOnWithoutSettingUp() {
    PlanStep polish = work("polish", 20, false).after(8);
    Instance shop = TinyShop.instance(2, List.of(), List.of(work("pour", 10, true), polish));
    Resources resources = of(shop);
    List<Activity> route = shop.activities.get(0);
    Timing first = resources.timing(route, 0, 1);
    assertThat(first.setupMin()).isEqualTo(8);
    assertThat(first.minutes(1)).isEqualTo(28);
    assertThat(first.ready()).isEqualTo(38);
    resources.take(first, 1);
    // The other person could begin at 20 and would polish from 28 on; 38 is later than that.
    Timing early = resources.timing(route, 10, 1);
    assertThat(early.start(1)).isEqualTo(20);
    assertThat(early.setupMin()).isEqualTo(8);
    Timing next = resources.timing(route, 22, 1);
    assertThat(next.start(1)).as("right after the first").isEqualTo(38);
    assertThat(next.setupMin()).isZero();
    resources.take(next, 1);
    assertThat(resources.timing(route, 42, 1).start(1)).as("and after that").isEqualTo(58);
    resources.give(next, 1);
    assertThat(resources.timing(route, 22, 1).start(1)).isEqualTo(38);
    resources.give(first, 1);
    assertThat(resources.timing(route, 22, 1).setupMin()).isEqualTo(8);
  }

  /** Begun 5 min after its window of a quarter of an hour, since the day was over. */
  @Test
  void lateWorkCostsWhatItsWindowSays() {
    PlanStep strip = work("strip", 30, true).within(0.25, 12);
    List<PlanStep> route = List.of(work("pour", 10, false), waiting("set", 1, null), strip);
    Instance shop = TinyShop.instance(1, List.of(), route);
    List<Activity> activities = shop.activities.get(0);
    assertThat(of(shop).timing(activities, 0, 1).lateWorkMin()).isZero();
    Resources resources = of(shop);
    resources.hands.take(70, 15);
    assertThat(resources.timing(activities, 0, 1).lateWorkMin()).as("just in time").isZero();
    resources.hands.take(85, 1);
    assertThat(resources.timing(activities, 0, 1).lateWorkMin()).isEqualTo(12);
  }

  /** What does not fit the rest of the day is done on the next. */
  @Test
  void workIsNotBrokenOffByTheEvening() {
    Instance shop = TinyShop.instance(1, List.of(), TinyShop.ROUTE);
    Timing timing = of(shop).timing(shop.activities.get(0), 535, 1);
    assertThat(timing.pour()).isEqualTo(535);
    assertThat(timing.start(1)).as("at 18:05 nobody is in").isEqualTo(DAY);
    assertThat(of(shop).timing(shop.activities.get(0), 591, 1).pour()).isEqualTo(DAY);
  }

  /**
   * Backs of 3 L, poured in 5 min from a mixer of 8 L: 6 min to mix, 4 to wash. Two go in one mix,
   * the third is a new one.
   */
  @Test
  void laterLayersShareAMixAsFarAsItReaches() {
    PlanStep back = work("back", 5, true).from(new LayerMix("back", "grey", 2, 3));
    Instance shop = TinyShop.instance(2, List.of(8.0), List.of(work("pour", 10, false), back));
    Resources resources = of(shop);
    List<Activity> route = shop.activities.get(0);
    Timing first = resources.timing(route, 0, 1);
    assertThat(first.setup(1)).isEqualTo(10);
    assertThat(first.minutes(1)).isEqualTo(15);
    assertThat(first.freed()).isEqualTo(25);
    resources.take(first, 1);
    Timing second = resources.timing(route, 10, 1);
    assertThat(second.start(1)).isEqualTo(25);
    assertThat(second.setup(1)).isZero();
    resources.take(second, 1);
    Timing third = resources.timing(route, 18, 1);
    assertThat(third.setup(1)).as("2 L are left of 8").isEqualTo(10);
    assertThat(third.start(1)).isEqualTo(30);
    assertThat(third.mixer(1)).isZero();
    resources.give(second, 1);
    assertThat(resources.timing(route, 10, 1).setup(1)).as("5 L are left again").isZero();
    resources.give(first, 1);
    assertThat(resources.timing(route, 0, 1).setup(1)).isEqualTo(10);
  }

  @Test
  void oneTimingGoesOnWithAnother() {
    Instance shop = TinyShop.instance(1, List.of(), TinyShop.ROUTE);
    Resources resources = of(shop);
    List<Activity> route = shop.activities.get(0);
    Timing whole = resources.timing(route, 0, 1);
    Timing head = resources.timing(route.subList(0, 2), 0, 1);
    Timing tail = resources.timing(route.subList(1, 3), 10, 1);
    Timing both = head.and(tail);
    assertThat(both.activities()).isEqualTo(List.of(route.get(0), route.get(2)));
    assertThat(both.pour()).isEqualTo(whole.pour());
    assertThat(both.ready()).isEqualTo(whole.ready());
  }
}
