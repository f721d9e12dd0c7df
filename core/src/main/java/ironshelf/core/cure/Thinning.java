package ironshelf.core.cure;

import ironshelf.core.cure.temperature.TemperatureLog;
import ironshelf.core.cure.temperature.TemperatureLog.ProbeReading;
import ironshelf.core.cure.temperature.UsualDay;
import ironshelf.core.quantity.Findings;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Which readings of a probe can be let go without anything that aged by them changing: hour by
 * hour, the first, the last, the coldest and the hottest stay, and as many between them, evenly, as
 * it takes for the hour to age as it did within {@value #MOST_OFF} of it. So the age of anything
 * that stood there for hours is the same within a thousandth. Not promised: that few stay; a probe
 * that jumps keeps most of its readings.
 */
public final class Thinning {

  /** The most that an hour's equivalent age may be off at any reading, as a share of it. */
  static final double MOST_OFF = 0.0004;

  private static final UsualDay NEVER_USED = UsualDay.steady(20);

  private Thinning() {}

  /**
   * @param readings of one probe, in any order
   * @return those that are to stay, in order; all of them where none can go
   */
  public static List<ProbeReading> of(List<ProbeReading> readings, Maturity maturity) {
    new Findings().present("maturity", maturity).orRefuse();
    TreeMap<Instant, List<ProbeReading>> hours = new TreeMap<>();
    readings.stream()
        .sorted(Comparator.comparing(ProbeReading::at))
        .forEach(
            r ->
                hours
                    .computeIfAbsent(r.at().truncatedTo(ChronoUnit.HOURS), h -> new ArrayList<>())
                    .add(r));
    List<ProbeReading> kept = new ArrayList<>();
    hours.values().forEach(hour -> kept.addAll(hour(hour, maturity)));
    return kept;
  }

  private static List<ProbeReading> hour(List<ProbeReading> hour, Maturity maturity) {
    int last = hour.size() - 1;
    if (!hour.get(last).at().isAfter(hour.get(0).at())) {
      return hour;
    }
    AgeLine whole = line(hour, maturity);
    for (int between = 0; between < last; between = between * 3 / 2 + 1) {
      SortedSet<Integer> stay = new TreeSet<>();
      for (int i = 0; i <= between + 1; i++) {
        stay.add(Math.round((float) last * i / (between + 1)));
      }
      stay.add(extreme(hour, -1));
      stay.add(extreme(hour, 1));
      List<ProbeReading> kept = stay.stream().map(hour::get).toList();
      if (isAlike(line(kept, maturity), whole, hour)) {
        return kept;
      }
    }
    return hour;
  }

  private static int extreme(List<ProbeReading> hour, int sign) {
    int found = 0;
    for (int i = 1; i < hour.size(); i++) {
      found = sign * hour.get(i).celsius() > sign * hour.get(found).celsius() ? i : found;
    }
    return found;
  }

  private static boolean isAlike(AgeLine thin, AgeLine whole, List<ProbeReading> hour) {
    Instant from = hour.get(0).at();
    double most = MOST_OFF * whole.ageH(from, hour.get(hour.size() - 1).at());
    return hour.stream()
        .allMatch(r -> Math.abs(thin.ageH(from, r.at()) - whole.ageH(from, r.at())) <= most);
  }

  private static AgeLine line(List<ProbeReading> readings, Maturity maturity) {
    return AgeLine.of(
        new TemperatureLog(readings, Duration.ofHours(1), NEVER_USED),
        maturity,
        readings.get(0).at(),
        readings.get(readings.size() - 1).at());
  }
}
