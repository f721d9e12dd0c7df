package ironshelf.core.plan;

import java.util.Comparator;
import org.jspecify.annotations.Nullable;

/**
 * What a plan is judged by, in this order (docs/method/plan.md); less is better.
 *
 * @param breaches of what must hold; none in any plan that the forward pass lays
 * @param promisedLateDays of what is promised, each by its weight; null where nothing is
 * @param lateDays of all demands, each by its weight
 * @param mixMinutes of people who mix, fill and wash; null where each cast is mixed by itself
 * @param lateWorkMinutes that works cost which are begun later than wanted; null where none can be
 * @param setupMinutes of getting ready for works; null where nothing needs it
 * @param hourWeighs late days that an hour of either outweighs; null: none
 * @param darkToLight how often of one day a lighter colour is poured after a darker one
 * @param idleBinderDays on which an opened binder is not used between two days on which it is
 * @param readyHours of all casts after the plan's start
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
   * How often a rule is broken that must hold.
   *
   * @param copies casts in a copy that was held
   * @param hands minutes of work for which nobody was free
   * @param stations pieces over what stations hold
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

  /** Late days of what is promised; 0 where nothing is. */
  public double promisedLate() {
    return promisedLateDays == null ? 0 : promisedLateDays;
  }

  /** Minutes of mixing, of getting ready, and of works begun too late; 0 where none are counted. */
  public long minutes() {
    return (mixMinutes == null ? 0 : mixMinutes)
        + (lateWorkMinutes == null ? 0 : lateWorkMinutes)
        + (setupMinutes == null ? 0 : setupMinutes);
  }

  /**
   * Whether a plan that people know is given up for another: for fewer late days where work does
   * not count, else for what is worth half a day and more.
   */
  public boolean isWorthGivingUpFor(Objective other) {
    int promised = Double.compare(other.promisedLate(), promisedLate());
    return promised == 0
        ? other.cost() < cost() - (hourWeighs == null ? 0 : WORTH_IT)
        : promised < 0;
  }

  /** Late days, and the minutes by what an hour weighs. */
  public double cost() {
    return lateDays + (hourWeighs == null ? 0 : hourWeighs * minutes() / 60);
  }

  @Override
  public int compareTo(Objective other) {
    return ORDER.compare(this, other);
  }
}
