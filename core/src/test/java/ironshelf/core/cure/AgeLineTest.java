package ironshelf.core.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.cure.temperature.TemperatureLog;
import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.core.cure.temperature.TemperatureSpan;
import ironshelf.core.cure.temperature.UsualDay;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("accuracy")
class AgeLineTest {

  private static final Instant START = Instant.parse("2027-03-01T07:00:00Z");
  private static final Instant END = START.plus(Duration.ofDays(5));
  private static final Maturity USUAL = Maturity.usual(MaturityMethod.ARRHENIUS);

  /** docs/method/temperatures.md: 24 h at 20 degrees takes 38.7 h at 12. */
  @Test
  void aDayAtTwelveDegrees() {
    AgeLine line = steady(12);
    Instant ready = line.momentAt(START, 24);
    assertThat(TemperatureLog.hours(START, ready)).isCloseTo(38.7, within(0.05));
  }

  @Test
  void itGoesOnBeforeItsStartAndAfterItsEnd() {
    AgeLine line = steady(20);
    assertThat(line.ageH(START.minusSeconds(7_200), START)).isCloseTo(2, within(1e-9));
    assertThat(line.ageH(END, END.plusSeconds(7_200))).isCloseTo(2, within(1e-9));
    assertThat(line.momentAt(END, 3)).isEqualTo(END.plusSeconds(3 * 3_600));
    assertThat(line.momentAt(START.minusSeconds(3_600), 0.5)).isEqualTo(START.minusSeconds(1_800));
    assertThat(line.ageH(END, START)).isZero();
  }

  @Test
  void whatStaysUnderTheDatumNeverGetsThere() {
    AgeLine line =
        AgeLine.of(
            new TemperatureLog(List.of(), Duration.ofHours(1), UsualDay.steady(-5)),
            Maturity.usual(MaturityMethod.NURSE_SAUL),
            START,
            END);
    assertThat(line.momentAt(START, 1)).isNull();
  }

  /** Against the plain sum over the same stretches, and its own inverse. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
  void itIsThePlainSumAndItsInverse(long seed) {
    Random random = new Random(seed);
    TemperatureLog log = log(random, 0);
    AgeLine line = AgeLine.of(log, USUAL, START, END);
    for (int i = 0; i < 50; i++) {
      Instant from = START.plusSeconds(random.nextInt(3 * 86_400));
      Instant to = from.plusSeconds(600 + random.nextInt(86_400));
      double age = line.ageH(from, to);
      double plain = USUAL.equivalentAgeH(log.spans(from, to));
      // A stretch cut in two is stepped a little differently.
      assertThat(age).as("seed %d", seed).isCloseTo(plain, within(0.01));
      assertThat(Duration.between(line.momentAt(from, age), to).abs())
          .isLessThan(Duration.ofMillis(20));
    }
  }

  /** Warmer is never later; older is never sooner. */
  @ParameterizedTest
  @ValueSource(longs = {11, 12, 13, 14, 15})
  void itRisesWithTemperatureAndTime(long seed) {
    AgeLine cool = AgeLine.of(log(new Random(seed), 0), USUAL, START, END);
    AgeLine warm = AgeLine.of(log(new Random(seed), 4), USUAL, START, END);
    Instant before = START;
    for (double age = 0.5; age < 60; age += 0.5) {
      Instant at = cool.momentAt(START, age);
      assertThat(at).as("seed %d", seed).isAfter(before);
      assertThat(warm.momentAt(START, age)).isBefore(at);
      before = at;
    }
  }

  @Test
  void extremesAreThoseOfTheStretchOnly() {
    List<ProbeReading> readings = new ArrayList<>();
    for (int hour = 0; hour <= 120; hour++) {
      readings.add(new ProbeReading(START.plusSeconds(hour * 3_600L), hour == 30 ? 3 : 18));
    }
    AgeLine line =
        AgeLine.of(
            new TemperatureLog(readings, Duration.ofHours(2), UsualDay.steady(18)),
            USUAL,
            START,
            END);
    assertThat(line.extremes(START, START.plusSeconds(20 * 3_600L)).lowC()).isEqualTo(18);
    assertThat(line.extremes(START, START.plusSeconds(40 * 3_600L)).lowC())
        .isCloseTo(3, within(0.6));
  }

  /** Means of a hand-made log; a day of 25 hours has two of one hour. */
  @Test
  void theUsualDayIsTheMeanOfEachHour() {
    ZoneId oslo = ZoneId.of("Europe/Oslo");
    Instant first = Instant.parse("2027-03-01T07:10:00Z");
    UsualDay usual =
        UsualDay.of(
            List.of(
                new ProbeReading(first, 16),
                new ProbeReading(first.plusSeconds(600), 18),
                new ProbeReading(first.plus(Duration.ofDays(1)), 20)),
            oslo,
            15);
    assertThat(usual.celsiusAt(Instant.parse("2027-03-05T07:30:00Z"))).isEqualTo(18);
    assertThat(usual.celsiusAt(Instant.parse("2027-03-05T12:30:00Z"))).isEqualTo(15);
    Instant midnight = Instant.parse("2027-10-30T22:00:00Z");
    List<TemperatureSpan> longDay = usual.spans(midnight, midnight.plus(Duration.ofHours(25)));
    assertThat(longDay.stream().mapToDouble(TemperatureSpan::hours).sum())
        .isCloseTo(25, within(1e-9));
    assertThat(longDay).hasSize(25);
  }

  private static AgeLine steady(double celsius) {
    return AgeLine.of(
        new TemperatureLog(List.of(), Duration.ofHours(1), UsualDay.steady(celsius)),
        USUAL,
        START,
        END);
  }

  /** Irregular, with a gap, out of order and with repetitions. */
  private static TemperatureLog log(Random random, double warmer) {
    List<ProbeReading> readings = new ArrayList<>();
    Instant at = START.minusSeconds(3_600);
    while (at.isBefore(END)) {
      double celsius = 14 + 6 * random.nextDouble() + warmer;
      readings.add(new ProbeReading(at, celsius));
      if (random.nextInt(10) == 0) {
        readings.add(new ProbeReading(at, celsius));
      }
      at = at.plusSeconds(300 + random.nextInt(random.nextInt(20) == 0 ? 30_000 : 3_000));
    }
    Collections.shuffle(readings, random);
    return new TemperatureLog(readings, Duration.ofHours(2), UsualDay.steady(16 + warmer));
  }
}
