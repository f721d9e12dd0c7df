package ironshelf.core.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ironshelf.core.cure.temperature.TemperatureLog;
import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.core.cure.temperature.UsualDay;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@Tag("accuracy")
class ThinningTest {

  private static final Instant START = Instant.parse("2027-01-10T00:00:00Z");
  private static final Maturity MATURITY = Maturity.usual(MaturityMethod.ARRHENIUS);

  /** A week of a probe that says something each minute or so: what it ages stays what it was. */
  @ParameterizedTest
  @CsvSource({"1, 0, 0.2", "2, 0.05, 0.6", "3, 0.3, 1", "4, 0.5, 1"})
  void noAgeMovesByAThousandth(long seed, double noiseC, double mostShare) {
    List<ProbeReading> all = week(new Random(seed), noiseC);
    List<ProbeReading> thin = Thinning.of(all, MATURITY);
    assertThat((double) thin.size() / all.size())
        .as("seed %d", seed)
        .isLessThanOrEqualTo(mostShare);
    // As a set: ten thousand readings against as many, each by itself, takes longer than all else.
    assertThat(Set.copyOf(all).containsAll(thin)).as("seed %d", seed).isTrue();
    AgeLine whole = line(all);
    AgeLine thinned = line(thin);
    Random random = new Random(seed + 100);
    for (int i = 0; i < 300; i++) {
      Instant from = START.plusSeconds(random.nextInt(5 * 86_400));
      Instant to = from.plusSeconds(3_600 + random.nextInt(100_000));
      double age = whole.ageH(from, to);
      assertThat(thinned.ageH(from, to))
          .as("seed %d, look %d", seed, i)
          .isCloseTo(age, within(0.001 * age));
    }
  }

  @Test
  void theColdestAndTheHottestStay() {
    List<ProbeReading> all = week(new Random(9), 0.3);
    List<ProbeReading> thin = Thinning.of(all, MATURITY);
    assertThat(thin.stream().mapToDouble(ProbeReading::celsius).min())
        .isEqualTo(all.stream().mapToDouble(ProbeReading::celsius).min());
    assertThat(thin.stream().mapToDouble(ProbeReading::celsius).max())
        .isEqualTo(all.stream().mapToDouble(ProbeReading::celsius).max());
    assertThat(Thinning.of(List.of(), MATURITY)).isEmpty();
    assertThat(Thinning.of(all.subList(0, 1), MATURITY)).isEqualTo(all.subList(0, 1));
  }

  /** What was thinned once is not thinned further each night. */
  @Test
  void oneHourStaysJoined() {
    List<ProbeReading> thin = Thinning.of(week(new Random(5), 0), MATURITY);
    for (int i = 1; i < thin.size(); i++) {
      assertThat(Duration.between(thin.get(i - 1).at(), thin.get(i).at()))
          .isLessThanOrEqualTo(Duration.ofHours(1));
    }
  }

  private static List<ProbeReading> week(Random random, double noiseC) {
    List<ProbeReading> readings = new ArrayList<>();
    for (int second = 0; second < 7 * 86_400; second += 45 + random.nextInt(30)) {
      double day = Math.sin(2 * Math.PI * second / 86_400.0);
      double celsius = 14 + 6 * day + noiseC * random.nextGaussian();
      readings.add(new ProbeReading(START.plusSeconds(second), Math.rint(celsius * 100) / 100));
    }
    return readings;
  }

  private static AgeLine line(List<ProbeReading> readings) {
    return AgeLine.of(
        new TemperatureLog(readings, Duration.ofHours(1), UsualDay.steady(20)),
        MATURITY,
        START,
        START.plus(Duration.ofDays(8)));
  }
}
