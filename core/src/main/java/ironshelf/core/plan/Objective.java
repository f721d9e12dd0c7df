package ironshelf.core.plan;

import java.util.Comparator;
import org.jspecify.annotations.Nullable;

/**
 * What a plan is judged by, in this order (docs/method/plan.md); less is better.
 *
 * @param breaches of what must hold; none in any plan that the forward pass lays
 * @param lateDays of all demands, each by its weight
 * @param mixMinutes of people who mix, fill and wash; null where each cast is mixed by itself
 * @param darkToLight how often of one day a lighter colour is poured after a darker one
 * @param idleBinderDays on which an opened binder is not used between two days on which it is
 * @param readyHours of all casts after the plan's start
 */
public record Objective(
    Breaches breaches,
    double lateDays,
    @Nullable Long mixMinutes,
    long darkToLight,
    long idleBinderDays,
    long readyHours)
    implements Comparable<Objective> {

  /**
   * How often a rule is broken that must hold.
   *
   * @param copies casts in a copy that was held
   * @param hands minutes of work for which nobody was free
   * @param stations pieces over what stations hold
   */
  public record Breaches(long copies, long hands, long stations) {}

  private static final Comparator<Objective> ORDER =
      Comparator.<Objective>comparingLong(
              o -> o.breaches.copies + o.breaches.hands + o.breaches.stations)
          .thenComparingDouble(Objective::lateDays)
          .thenComparingLong(Objective::minutes)
          .thenComparingLong(Objective::darkToLight)
          .thenComparingLong(Objective::idleBinderDays)
          .thenComparingLong(Objective::readyHours);

  /** Minutes of mixing; 0 where none are counted. */
  public long minutes() {
    return mixMinutes == null ? 0 : mixMinutes;
  }

  @Override
  public int compareTo(Objective other) {
    return ORDER.compare(this, other);
  }
}
