package ironshelf.core.plan;

import java.util.Comparator;

/**
 * What a plan is judged by, in this order (handbook 2-5); less is better.
 *
 * @param breaches of what must hold; none in any plan that the forward pass lays
 * @param lateDays of all demands, each by its weight
 * @param darkToLight how often of one day a lighter colour is poured after a darker one
 * @param idleBinderDays on which an opened binder is not used between two days on which it is
 * @param readyHours of all casts after the plan's start
 */
public record Outcome(
    Breaches breaches, double lateDays, long darkToLight, long idleBinderDays, long readyHours)
    implements Comparable<Outcome> {

  /**
   * How often a rule is broken that must hold.
   *
   * @param copies casts in a copy that was held
   * @param hands minutes of work for which nobody was free
   * @param stations pieces over what stations hold
   */
  public record Breaches(long copies, long hands, long stations) {}

  private static final Comparator<Outcome> ORDER =
      Comparator.<Outcome>comparingLong(
              o -> o.breaches.copies + o.breaches.hands + o.breaches.stations)
          .thenComparingDouble(Outcome::lateDays)
          .thenComparingLong(Outcome::darkToLight)
          .thenComparingLong(Outcome::idleBinderDays)
          .thenComparingLong(Outcome::readyHours);

  @Override
  public int compareTo(Outcome other) {
    return ORDER.compare(this, other);
  }
}
