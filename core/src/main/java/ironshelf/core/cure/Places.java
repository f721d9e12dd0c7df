package ironshelf.core.cure;

import ironshelf.core.quantity.Findings;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How concrete ages in each place of the shop, for castings that are moved from one to another. A
 * place that is not known counts as the first.
 *
 * @param lines by the place, at least one
 */
public record Places(Map<String, AgeLine> lines, String first) {

  public Places {
    new Findings().present("lines", lines).text("first", first, 40).orRefuse();
    lines = Map.copyOf(lines);
    new Findings().present("lines." + first, lines.get(first)).orRefuse();
  }

  /** Returns the line of a place. */
  public AgeLine line(String place) {
    AgeLine line = lines.get(place);
    return line == null ? lines.get(first) : line;
  }

  /**
   * Returns the equivalent age of a casting.
   *
   * @param stays in order, the first from wetting on
   */
  public double ageH(List<Stay> stays, Instant at) {
    double ageH = 0;
    for (int i = 0; i < stays.size(); i++) {
      Instant end = i + 1 < stays.size() ? earlier(stays.get(i + 1).since(), at) : at;
      ageH += line(stays.get(i).place()).ageH(stays.get(i).since(), end);
    }
    return ageH;
  }

  /** Returns when a casting has an age, if it stays where it is last; null where it never has. */
  public @Nullable Instant momentAt(List<Stay> stays, double wantedAgeH) {
    double left = wantedAgeH;
    for (int i = 0; ; i++) {
      Stay stay = stays.get(i);
      AgeLine line = line(stay.place());
      if (i + 1 == stays.size()) {
        return line.momentAt(stay.since(), left);
      }
      double gained = line.ageH(stay.since(), stays.get(i + 1).since());
      if (gained >= left) {
        return line.momentAt(stay.since(), left);
      }
      left -= gained;
    }
  }

  /** Returns the lowest and the highest that a casting has between two moments. */
  public AgeLine.Extremes extremes(List<Stay> stays, Instant from, Instant to) {
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < stays.size(); i++) {
      Instant start = later(stays.get(i).since(), from);
      Instant end = i + 1 < stays.size() ? earlier(stays.get(i + 1).since(), to) : to;
      if (start.isBefore(end)) {
        AgeLine.Extremes here = line(stays.get(i).place()).extremes(start, end);
        low = Math.min(low, here.lowC());
        high = Math.max(high, here.highC());
      }
    }
    return new AgeLine.Extremes(low, high);
  }

  private static Instant earlier(Instant a, Instant b) {
    return a.isBefore(b) ? a : b;
  }

  private static Instant later(Instant a, Instant b) {
    return a.isAfter(b) ? a : b;
  }
}
