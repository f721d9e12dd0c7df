package ironshelf.core.cure;

import ironshelf.core.cure.temperature.TemperatureLog;
import ironshelf.core.cure.temperature.TemperatureSpan;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How concrete ages at one place, along what its probe said and then along its usual day, added up
 * once so that any number of pieces can ask (each question a search among the stretches, not a
 * sum). Before its start the first temperature is taken to hold, after its end the last.
 */
public final class AgeLine {

  private static final double HOUR_S = 3_600;

  private final Instant start;
  private final Maturity maturity;
  private final double[] endH;
  private final double[] ageH;
  private final double[] celsius;

  private AgeLine(Instant start, Maturity maturity, List<TemperatureSpan> spans) {
    this.start = start;
    this.maturity = maturity;
    int n = spans.size();
    endH = new double[n];
    ageH = new double[n];
    celsius = new double[n];
    double hours = 0;
    double age = 0;
    for (int i = 0; i < n; i++) {
      TemperatureSpan span = spans.get(i);
      hours += span.hours();
      age += span.hours() * maturity.rate(span.concreteC());
      endH[i] = hours;
      ageH[i] = age;
      celsius[i] = span.concreteC();
    }
  }

  /** Returns the line of a log between two moments, the second after the first. */
  public static AgeLine of(TemperatureLog log, Maturity maturity, Instant from, Instant to) {
    List<TemperatureSpan> spans = log.spans(from, to);
    if (spans.isEmpty()) {
      throw new IllegalArgumentException("an age line from " + from + " to " + to + " has no time");
    }
    return new AgeLine(from, maturity, spans);
  }

  /** Equivalent age gained between two moments; 0 where the second is not after the first. */
  public double ageH(Instant from, Instant to) {
    return to.isAfter(from) ? upTo(hoursOf(to)) - upTo(hoursOf(from)) : 0;
  }

  /** Returns when what starts then has gained so much; null where it never does. */
  public @Nullable Instant momentAt(Instant from, double wantedAgeH) {
    if (wantedAgeH <= 0) {
      return from;
    }
    double fromH = hoursOf(from);
    double wanted = upTo(fromH) + wantedAgeH;
    int last = endH.length - 1;
    int i = firstNotBelow(ageH, wanted);
    double hours;
    if (wanted < 0) {
      hours = wanted / maturity.rate(celsius[0]);
    } else if (i > last) {
      double rate = maturity.rate(celsius[last]);
      if (!(rate > 0)) {
        return null;
      }
      hours = endH[last] + (wanted - ageH[last]) / rate;
    } else {
      double before = i == 0 ? 0 : ageH[i - 1];
      hours = (i == 0 ? 0 : endH[i - 1]) + (wanted - before) / maturity.rate(celsius[i]);
    }
    return start.plus(Duration.ofMillis(Math.round(hours * HOUR_S * 1_000)));
  }

  /** Returns the lowest and the highest between two moments, the second after the first. */
  public Extremes extremes(Instant from, Instant to) {
    int i = Math.min(firstNotBelow(endH, hoursOf(from)), endH.length - 1);
    int end = Math.min(firstNotBelow(endH, hoursOf(to)), endH.length - 1);
    double low = celsius[i];
    double high = celsius[i];
    for (; i <= end; i++) {
      low = Math.min(low, celsius[i]);
      high = Math.max(high, celsius[i]);
    }
    return new Extremes(low, high);
  }

  /** The lowest and the highest temperature of a stretch. */
  public record Extremes(double lowC, double highC) {}

  private double upTo(double hours) {
    if (hours <= 0) {
      return hours * maturity.rate(celsius[0]);
    }
    int last = endH.length - 1;
    int i = firstNotBelow(endH, hours);
    if (i > last) {
      return ageH[last] + (hours - endH[last]) * maturity.rate(celsius[last]);
    }
    return ageH[i] - (endH[i] - hours) * maturity.rate(celsius[i]);
  }

  private double hoursOf(Instant at) {
    return at.isBefore(start) ? -TemperatureLog.hours(at, start) : TemperatureLog.hours(start, at);
  }

  private static int firstNotBelow(double[] rising, double value) {
    int at = Arrays.binarySearch(rising, value);
    return at >= 0 ? at : -at - 1;
  }
}
