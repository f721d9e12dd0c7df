package ironshelf.core.plan;

import java.util.Comparator;
import org.jspecify.annotations.Nullable;

/**
 * The criteria by which plans are compared, in this order (docs/method/plan.md); less is better.
 *
 * @param breaches of hard constraints; none in any plan that the schedule builder makes
 * @param promisedLateDays weighted late days of promised demands; null where nothing is promised
 * @param lateDays weighted late days of all demands
 * @param mixMinutes of people who mix, fill and wash; null where each cast is mixed by itself
 * @param lateWorkMinutes cost of work that begins after its window; null where none has a window
 * @param setupMinutes of setup; null where nothing needs any
 * @param hourWeighs late days that an hour of either outweighs; null: none
 * @param darkToLight how often a lighter colour follows a darker one on the same day
 * @param idleBinderDays days between two uses of an opened binder on which it is not used
 * @param readyHours hours from the start of the plan until each cast is ready, added up
 */
public record Objective(
    Breaches breaches,
    @Nullable Double promisedLateDays,
    double lateDays,
    @Nullable Long mixMinutes,
    @Nullable Long lateWorkMinutes,
    @Nullable Long setupMinutes,
    @Nullable Double hourWeighs,
    long darkToLight,
    long idleBinderDays,
    long readyHours)
    implements Comparable<Objective> {

  /**
   * How often hard constraints are violated.
   *
   * @param copies casts in a copy that was held
   * @param hands minutes of work for which nobody was free
   * @param stations pieces beyond the capacity of stations
   */
  public record Breaches(long copies, long hands, long stations) {}

  private static final double WORTH_IT = 0.5;

  private static final Comparator<Objective> ORDER =
      Comparator.<Objective>comparingLong(
              o -> o.breaches.copies + o.breaches.hands + o.breaches.stations)
          .thenComparingDouble(Objective::promisedLate)
          .thenComparingDouble(Objective::cost)
          .thenComparingLong(Objective::minutes)
          .thenComparingLong(Objective::darkToLight)
          .thenComparingLong(Objective::idleBinderDays)
          .thenComparingLong(Objective::readyHours);

  /** Returns the late days of promised demands; 0 where nothing is promised. */
  public double promisedLate() {
    return promisedLateDays == null ? 0 : promisedLateDays;
  }

  /** Returns the minutes of mixing, of setup and of late work; 0 for those that are not counted. */
  public long minutes() {
    return (mixMinutes == null ? 0 : mixMinutes)
        + (lateWorkMinutes == null ? 0 : lateWorkMinutes)
        + (setupMinutes == null ? 0 : setupMinutes);
  }

  /**
   * Tests whether a plan that people know should be given up for another: where work does not
   * count, for fewer late days; else for an advantage worth half a day or more.
   */
  public boolean isWorthGivingUpFor(Objective other) {
    int promised = Double.compare(other.promisedLate(), promisedLate());
    return promised == 0
        ? other.cost() < cost() - (hourWeighs == null ? 0 : WORTH_IT)
        : promised < 0;
  }

  /** Returns the late days plus the minutes at their weight. */
  public double cost() {
    return lateDays + (hourWeighs == null ? 0 : hourWeighs * minutes() / 60);
  }

  @Override
  public int compareTo(Objective other) {
    return ORDER.compare(this, other);
  }
}
