package ironshelf.core.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.cure.temperature.TemperatureLog;
import ironshelf.core.cure.temperature.UsualDay;
import ironshelf.core.quantity.RefusedException;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A casting that is moved from the room to a tent. */
@Tag("accuracy")
class PlacesTest {

  private static final Instant START = Instant.parse("2027-03-01T07:00:00Z");
  private static final Maturity USUAL = Maturity.usual(MaturityMethod.ARRHENIUS);
  private static final Places PLACES =
      new Places(Map.of("room", steady(20), "tent", steady(30), "cold", steady(-2)), "room");
  private static final List<Stay> MOVED =
      List.of(new Stay("room", START), new Stay("tent", START.plusSeconds(2 * 3_600)));

  /**
   * docs/method/temperatures.md: at 30 degrees an hour counts 1.755. 2 h at 20 and 4 h at 30 are
   * 9.02 h.
   */
  @Test
  void eachStayCountsAtItsOwnWarmth() {
    assertThat(PLACES.ageH(MOVED, START.plusSeconds(6 * 3_600))).isCloseTo(9.02, within(0.01));
    assertThat(PLACES.ageH(MOVED, START.plusSeconds(3_600))).isCloseTo(1, within(1e-9));
    Instant at = PLACES.momentAt(MOVED, 9.02);
    assertThat(Duration.between(START, at).toSeconds() / 3_600.0).isCloseTo(6, within(0.01));
    assertThat(PLACES.momentAt(MOVED, 1.5)).isEqualTo(START.plusSeconds(5_400));
  }

  @Test
  void aPlaceThatIsNotKnownIsTheFirst() {
    List<Stay> shed = List.of(new Stay("shed", START));
    assertThat(PLACES.ageH(shed, START.plusSeconds(3_600))).isCloseTo(1, within(1e-9));
  }

  @Test
  void extremesAreThoseOfItsOwnStays() {
    List<Stay> frozen =
        List.of(new Stay("room", START), new Stay("cold", START.plusSeconds(10 * 3_600)));
    assertThat(PLACES.extremes(frozen, START, START.plusSeconds(5 * 3_600)).lowC()).isEqualTo(20);
    AgeLine.Extremes day = PLACES.extremes(frozen, START, START.plusSeconds(24 * 3_600));
    assertThat(day.lowC()).isEqualTo(-2);
    assertThat(day.highC()).isEqualTo(20);
  }

  @Test
  void withoutItsFirstPlaceThereIsNone() {
    assertThatThrownBy(() -> new Places(Map.of("tent", steady(30)), "room"))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new Stay(" ", START)).isInstanceOf(RefusedException.class);
  }

  private static AgeLine steady(double celsius) {
    return AgeLine.of(
        new TemperatureLog(List.of(), Duration.ofHours(1), UsualDay.steady(celsius)),
        USUAL,
        START,
        START.plus(Duration.ofDays(2)));
  }
}
