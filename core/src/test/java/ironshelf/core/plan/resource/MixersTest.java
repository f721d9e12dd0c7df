package ironshelf.core.plan.resource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ironshelf.core.plan.PlanRequest.PlanRecipe;
import ironshelf.core.plan.resource.Mixers.Slot;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** One mix at a time in each mixer, washed for 6 min more before a lighter one of the same day. */
class MixersTest {

  private static final PlanRecipe RULES = new PlanRecipe("r", 10, null, 0, 0, 4, 10.0);
  private static final Family LIGHT = family("white", 0);
  private static final Family DARK = family("black", 9);
  private static final Block MIX = new Block(20, 0, 0, 0);

  /** From eight to eighteen o'clock. */
  private static final int DAY_MIN = 600;

  private Mixers mixers;
  private Workforce hands;

  private static Family family(String colour, double shade) {
    return new Family("r", colour, shade, RULES, 12, DAY_MIN, 2);
  }

  @BeforeEach
  void twoMixersAndTwoPeople() {
    Instance instance = TinyShop.instance(2, List.of(12.0, 5.0), TinyShop.ROUTE);
    hands = new Workforce(instance.request.calendar(), instance.request.start(), 2);
    mixers = new Mixers(instance, hands);
  }

  /** In the larger mixer only: so much does not go into the other. */
  private Slot slot(int earliest, Family family) {
    return mixers.slot(earliest, MIX, 8, family);
  }

  private void take(Slot slot, Family family) {
    mixers.take(slot, MIX.minutes(), family.shade(), family.rules().moreWashMin());
    hands.take(slot.at(), MIX.minutes() + slot.setupMin());
  }

  @Test
  void theFirstThatIsLargeEnoughAndFreeIsTaken() {
    assertThat(mixers.slot(5, MIX, 5, LIGHT)).isEqualTo(new Slot(0, 5, 0));
    take(new Slot(0, 5, 0), LIGHT);
    assertThat(mixers.slot(5, MIX, 5, LIGHT)).as("the small one").isEqualTo(new Slot(1, 5, 0));
    assertThat(mixers.slot(5, MIX, 5.1, LIGHT)).isEqualTo(new Slot(0, 25, 0));
    assertThat(mixers.litres(1)).isEqualTo(5);
  }

  @Test
  void whatNoMixerTakesIsRefused() {
    assertThat(mixers.slot(0, MIX, 12, LIGHT).mixer()).isZero();
    assertThatThrownBy(() -> mixers.slot(0, MIX, 12.01, LIGHT))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("12.01");
  }

  @Test
  void aLighterMixOfTheSameDayWaitsForTheWashing() {
    take(new Slot(0, 0, 0), DARK);
    assertThat(slot(0, DARK)).as("as dark").isEqualTo(new Slot(0, 20, 0));
    assertThat(slot(0, LIGHT)).isEqualTo(new Slot(0, 20, 6));
    assertThat(slot(300, LIGHT)).as("hours later as well").isEqualTo(new Slot(0, 300, 6));
    int nextDay = 24 * 60;
    assertThat(slot(DAY_MIN, LIGHT)).as("the next day").isEqualTo(new Slot(0, nextDay, 0));
  }

  @Test
  void aDarkerOneNeedsNoWashing() {
    take(new Slot(0, 0, 0), LIGHT);
    assertThat(slot(0, DARK)).isEqualTo(new Slot(0, 20, 0));
  }

  /** 35 min lie between two mixes: 20 fit, and 20 with 6 of washing; not 20 and 16. */
  @Test
  void whatComesAfterKeepsTheWashingThatItWasGiven() {
    take(new Slot(0, 0, 0), DARK);
    take(new Slot(0, 55, 0), DARK);
    assertThat(slot(0, DARK)).isEqualTo(new Slot(0, 20, 0));
    assertThat(slot(0, LIGHT)).as("washed before, none after").isEqualTo(new Slot(0, 20, 6));
    take(new Slot(0, 75, 6), LIGHT);
    // A dark one before the light one that was washed for already goes in between.
    assertThat(slot(26, DARK)).isEqualTo(new Slot(0, 26, 0));
    // A light one would stand where the washing after the dark one is counted on.
    assertThat(slot(60, LIGHT)).isEqualTo(new Slot(0, 101, 0));
  }

  @Test
  void aGapIsTakenThatFitsToTheMinute() {
    take(new Slot(0, 0, 0), LIGHT);
    take(new Slot(0, 40, 0), LIGHT);
    assertThat(slot(0, LIGHT)).isEqualTo(new Slot(0, 20, 0));
    assertThat(slot(21, LIGHT)).isEqualTo(new Slot(0, 60, 0));
    assertThat(mixers.isFree(0, 20, MIX, LIGHT)).isTrue();
    assertThat(mixers.isFree(0, 21, MIX, LIGHT)).isFalse();
    assertThat(mixers.isFree(0, 60, MIX, LIGHT)).isTrue();
    assertThat(mixers.isFree(0, 19, MIX, LIGHT)).isFalse();
  }

  @Test
  void aDarkOneBeforeALightOneWouldNeedWashing() {
    take(new Slot(0, 30, 0), LIGHT);
    assertThat(slot(0, DARK)).isEqualTo(new Slot(0, 50, 0));
    assertThat(slot(0, LIGHT)).isEqualTo(new Slot(0, 0, 0));
    take(new Slot(1, 0, 0), DARK);
    assertThat(mixers.isFree(1, 20, MIX, LIGHT)).as("washed for first").isFalse();
  }

  @Test
  void whatIsGivenBackIsFreeAgain() {
    Slot first = new Slot(0, 0, 0);
    mixers.take(first, 20, 9, 6);
    Slot second = new Slot(0, 20, 6);
    mixers.take(second, 20, 0, 6);
    assertThat(slot(0, DARK).at()).isEqualTo(46);
    mixers.give(second, 20);
    assertThat(slot(0, DARK)).isEqualTo(new Slot(0, 20, 0));
    mixers.give(first, 20);
    assertThat(slot(0, LIGHT)).isEqualTo(new Slot(0, 0, 0));
  }
}
