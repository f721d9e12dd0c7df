package ironshelf.core.cure.temperature;

import ironshelf.core.quantity.Findings;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.TreeMap;

/**
 * What a probe said, as it came: irregular, out of order, twice, with gaps. Between two readings
 * the temperature is taken to go straight from one to the other; over a longer gap, and before the
 * first and after the last, the usual temperature stands in.
 *
 * @param longestGap over which readings are not joined, over 0
 * @param usual what stands in where the probe says nothing
 */
public record TemperatureLog(List<ProbeReading> readings, Duration longestGap, UsualDay usual) {

  private static final double HOUR_S = 3_600;

  /** Straight stretches are cut so fine, so that the mean of a cut ages as the stretch does. */
  private static final double STEP_C = 0.1;

  /** One reading. Of two at one moment the later counts. */
  public record ProbeReading(Instant at, double celsius) {
    public ProbeReading {
      new Findings().present("at", at).within("celsius", celsius, -60, 200).orRefuse();
    }
  }

  public TemperatureLog {
    readings = List.copyOf(readings);
    new Findings().present("longestGap", longestGap).present("usual", usual).orRefuse();
    new Findings().above("longestGap.seconds", longestGap.toMillis() / 1_000.0, 0, 1e9).orRefuse();
  }

  /**
   * Returns the stretches between two moments, in order; none where the second is not after the
   * first.
   */
  public List<TemperatureSpan> spans(Instant from, Instant to) {
    List<TemperatureSpan> spans = new ArrayList<>();
    if (!to.isAfter(from)) {
      return spans;
    }
    Instant at = from;
    List<ProbeReading> sorted = sorted(readings);
    for (int i = 0; i + 1 < sorted.size() && at.isBefore(to); i++) {
      ProbeReading a = sorted.get(i);
      ProbeReading b = sorted.get(i + 1);
      boolean joined = Duration.between(a.at, b.at).compareTo(longestGap) <= 0;
      if (joined && b.at.isAfter(at) && a.at.isBefore(to)) {
        Instant start = a.at.isBefore(at) ? at : a.at;
        Instant end = b.at.isAfter(to) ? to : b.at;
        usual(spans, at, start);
        straight(spans, start, valueAt(a, b, start), end, valueAt(a, b, end));
        at = end;
      }
    }
    usual(spans, at, to);
    return spans;
  }

  /** Returns how much of a stretch the probe says nothing of, 0 to 1. */
  public double silentShare(Instant from, Instant to) {
    double whole = seconds(from, to);
    double said = 0;
    List<ProbeReading> sorted = sorted(readings);
    for (int i = 0; i + 1 < sorted.size(); i++) {
      Instant a = sorted.get(i).at;
      Instant b = sorted.get(i + 1).at;
      if (Duration.between(a, b).compareTo(longestGap) <= 0) {
        Instant start = a.isBefore(from) ? from : a;
        Instant end = b.isAfter(to) ? to : b;
        said += Math.max(0, seconds(start, end));
      }
    }
    return whole > 0 ? 1 - said / whole : 0;
  }

  private void usual(List<TemperatureSpan> spans, Instant from, Instant to) {
    spans.addAll(usual.spans(from, to));
  }

  private static void straight(
      List<TemperatureSpan> spans, Instant from, double fromC, Instant to, double toC) {
    double hours = hours(from, to);
    int steps = (int) Math.max(1, Math.ceil(Math.abs(toC - fromC) / STEP_C));
    for (int i = 0; i < steps && hours > 0; i++) {
      spans.add(new TemperatureSpan(hours / steps, fromC + (toC - fromC) * (i + 0.5) / steps));
    }
  }

  private static double valueAt(ProbeReading a, ProbeReading b, Instant at) {
    double share = seconds(a.at, at) / seconds(a.at, b.at);
    return a.celsius + (b.celsius - a.celsius) * share;
  }

  public static double hours(Instant from, Instant to) {
    return seconds(from, to) / HOUR_S;
  }

  private static double seconds(Instant from, Instant to) {
    Duration between = Duration.between(from, to);
    return between.getSeconds() + between.getNano() / 1e9;
  }

  private static List<ProbeReading> sorted(Collection<ProbeReading> readings) {
    TreeMap<Instant, ProbeReading> byTime = new TreeMap<>();
    readings.forEach(r -> byTime.put(r.at, r));
    return List.copyOf(byTime.values());
  }
}
