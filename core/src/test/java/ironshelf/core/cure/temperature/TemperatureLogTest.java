package ironshelf.core.cure.temperature;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.cure.Maturity;
import ironshelf.core.cure.MaturityMethod;
import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.core.quantity.RefusedException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("accuracy")
class TemperatureLogTest {

  private static final Instant START = Instant.parse("2027-03-01T07:00:00Z");
  private static final Maturity USUAL = Maturity.usual(MaturityMethod.ARRHENIUS);

  @Test
  void aSteadyLogIsOneTemperature() {
    TemperatureLog log = log(List.of(at(0, 20), at(1, 20), at(2, 20)));
    assertThat(age(log, 2)).isCloseTo(2, within(1e-12));
  }

  /** docs/method/temperatures.md: 6 h at 18, 12 h at 10, 6 h at 16: 16.65 h at 20 degrees. */
  @Test
  void aColdNight() {
    List<ProbeReading> readings = new ArrayList<>();
    for (int minute = 0; minute <= 24 * 60; minute++) {
      double hour = minute / 60.0;
      readings.add(at(hour, hour < 6 ? 18 : hour < 18 ? 10 : 16));
    }
    assertThat(age(log(readings), 24)).isCloseTo(16.65, within(0.02));
  }

  /** Between readings it goes straight: against the integral by a fine rule. */
  @Test
  void betweenReadingsItGoesStraight() {
    TemperatureLog log = log(List.of(at(0, 5), at(3, 35)));
    double fine = 0;
    int steps = 100_000;
    for (int i = 0; i < steps; i++) {
      fine += 3.0 / steps * USUAL.rate(5 + 30 * (i + 0.5) / steps);
    }
    assertThat(age(log, 3)).isCloseTo(fine, within(1e-4));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  void orderAndRepetitionDoNotMatter(long seed) {
    Random random = new Random(seed);
    List<ProbeReading> readings = readings(random, 60);
    double asTheyCame = age(log(readings), 20);
    List<ProbeReading> shuffled = new ArrayList<>(readings);
    shuffled.addAll(readings.subList(0, 30));
    Collections.shuffle(shuffled, random);
    assertThat(age(log(shuffled), 20)).isCloseTo(asTheyCame, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(longs = {11, 12, 13, 14, 15, 16})
  void warmerAndLongerIsOlder(long seed) {
    List<ProbeReading> readings = readings(new Random(seed), 60);
    List<ProbeReading> warmer =
        readings.stream().map(r -> new ProbeReading(r.at(), r.celsius() + 1)).toList();
    double before = 0;
    for (double hours = 1; hours <= 20; hours++) {
      double age = age(log(readings), hours);
      assertThat(age).isGreaterThan(before);
      assertThat(age(log(warmer), hours)).isGreaterThanOrEqualTo(age);
      before = age;
    }
  }

  @Test
  void overAGapTheUsualDayStandsIn() {
    TemperatureLog log = log(List.of(at(0, 10), at(1, 10), at(9, 10), at(10, 10)));
    // Two hours at ten degrees, eight at the usual twenty.
    assertThat(age(log, 10)).isCloseTo(8 + 2 * USUAL.rate(10), within(1e-9));
    assertThat(log.silentShare(START, START.plus(Duration.ofHours(10))))
        .isCloseTo(0.8, within(1e-12));
  }

  @Test
  void withoutAProbeItIsTheUsualDay() {
    assertThat(age(log(List.of()), 5)).isCloseTo(5, within(1e-12));
    assertThat(age(log(List.of(at(2, 40))), 5)).isCloseTo(5, within(1e-12));
    assertThat(log(List.of()).spans(START, START)).isEmpty();
  }

  /** The hours always add up to the time that was asked for. */
  @ParameterizedTest
  @ValueSource(longs = {21, 22, 23, 24, 25, 26})
  void noTimeIsLost(long seed) {
    TemperatureLog log = log(readings(new Random(seed), 12));
    double hours =
        log.spans(START, START.plus(Duration.ofHours(30))).stream()
            .mapToDouble(TemperatureSpan::hours)
            .sum();
    assertThat(hours).isCloseTo(30, within(1e-9));
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> new ProbeReading(START, Double.NaN))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new TemperatureLog(List.of(), Duration.ZERO, UsualDay.steady(20)))
        .isInstanceOf(RefusedException.class);
    assertThatThrownBy(() -> new TemperatureLog(List.of(), Duration.ofHours(1), null))
        .isInstanceOf(RefusedException.class);
  }

  private static List<ProbeReading> readings(Random random, int count) {
    List<ProbeReading> readings = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      readings.add(at(25 * random.nextDouble(), 4 + 26 * random.nextDouble()));
    }
    return readings;
  }

  private static ProbeReading at(double hours, double celsius) {
    return new ProbeReading(START.plusMillis(Math.round(hours * 3_600_000)), celsius);
  }

  private static TemperatureLog log(List<ProbeReading> readings) {
    return new TemperatureLog(readings, Duration.ofHours(3), UsualDay.steady(20));
  }

  private static double age(TemperatureLog log, double hours) {
    return USUAL.equivalentAgeH(log.spans(START, START.plusMillis(Math.round(hours * 3_600_000))));
  }
}
