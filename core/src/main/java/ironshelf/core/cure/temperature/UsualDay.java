package ironshelf.core.cure.temperature;

import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.core.quantity.Findings;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;

/**
 * What a place usually has, hour by hour of the day. It stands in where a probe says nothing, and
 * for what is to come. Not a weather forecast: it promises no more than that a day is like the last
 * ones.
 *
 * @param hourlyC 24 temperatures, -60 to 200, from midnight in the zone
 */
public record UsualDay(List<Double> hourlyC, ZoneId zone) {

  private static final int HOURS = 24;

  public UsualDay {
    Findings findings = new Findings().list("hourlyC", hourlyC, HOURS).present("zone", zone);
    for (int hour = 0; hourlyC != null && hour < hourlyC.size(); hour++) {
      findings.within("hourlyC." + hour, hourlyC.get(hour), -60, 200);
    }
    findings.within("hourlyC.length", hourlyC == null ? 0 : hourlyC.size(), HOURS, HOURS);
    findings.orRefuse();
    hourlyC = List.copyOf(hourlyC);
  }

  /** Returns a place that keeps one temperature. */
  public static UsualDay steady(double celsius) {
    return new UsualDay(Collections.nCopies(HOURS, celsius), ZoneId.of("UTC"));
  }

  /**
   * Returns the mean of what was read in each hour of the day.
   *
   * @param otherwiseC for hours that have no reading
   */
  public static UsualDay of(Collection<ProbeReading> readings, ZoneId zone, double otherwiseC) {
    double[] sum = new double[HOURS];
    int[] count = new int[HOURS];
    for (ProbeReading reading : readings) {
      int hour = reading.at().atZone(zone).getHour();
      sum[hour] += reading.celsius();
      count[hour]++;
    }
    List<Double> hourly = new ArrayList<>();
    for (int hour = 0; hour < HOURS; hour++) {
      hourly.add(count[hour] == 0 ? otherwiseC : sum[hour] / count[hour]);
    }
    return new UsualDay(hourly, zone);
  }

  public double celsiusAt(Instant at) {
    return hourlyC.get(at.atZone(zone).getHour());
  }

  /** Returns the stretches between two moments, hour by hour; one where all hours are alike. */
  public List<TemperatureSpan> spans(Instant from, Instant to) {
    List<TemperatureSpan> spans = new ArrayList<>();
    boolean steady = hourlyC.stream().distinct().count() == 1;
    Instant at = from;
    while (at.isBefore(to)) {
      ZonedDateTime hour = at.atZone(zone).truncatedTo(ChronoUnit.HOURS);
      Instant next = steady ? to : hour.plusHours(1).toInstant();
      Instant end = next.isBefore(to) ? next : to;
      spans.add(new TemperatureSpan(TemperatureLog.hours(at, end), celsiusAt(at)));
      at = end;
    }
    return spans;
  }
}
