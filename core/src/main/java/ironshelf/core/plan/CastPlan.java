package ironshelf.core.plan;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Casts laid out over time (handbook 2-5).
 *
 * @param casts in the order in which they were laid
 * @param begun when that which has begun is ready
 * @param totalWeightedLateDays of all demands
 * @param lowerBoundLateDays that no plan can go below
 */
public record CastPlan(
    List<PlannedCast> casts,
    List<PlannedRest> begun,
    List<PlannedOrder> orders,
    double totalWeightedLateDays,
    double lowerBoundLateDays,
    Outcome outcome,
    List<Visit> visits) {

  /** What holds an order up most. */
  public enum Bound {
    /** Its own route takes that long. */
    ROUTE,
    MOULD,
    HANDS,
    STATION,
    /** Its parts are not there sooner. */
    PARTS
  }

  /**
   * One use of one copy.
   *
   * @param copy from 1
   * @param pieces that are wanted of it; what is over goes to stock
   * @param pinned whether somebody put it there
   * @param works all that a person does to it, in order
   */
  public record PlannedCast(
      String order,
      String product,
      String mould,
      int copy,
      int pieces,
      LocalDateTime pourAt,
      LocalDateTime demouldAt,
      LocalDateTime readyAt,
      boolean pinned,
      List<Visit> works) {
    public PlannedCast {
      works = List.copyOf(works);
    }
  }

  /**
   * What is still to come of that which has begun.
   *
   * @param demouldAt null where it is out of its mould
   */
  public record PlannedRest(
      String name, @Nullable LocalDateTime demouldAt, LocalDateTime readyAt, List<Visit> works) {
    public PlannedRest {
      works = List.copyOf(works);
    }
  }

  /**
   * When an order is ready, and what binds it.
   *
   * @param boundName the mould, station or part that binds it; null for its route or hands
   */
  public record PlannedOrder(
      String order,
      LocalDateTime readyAt,
      long lateDays,
      Bound boundBy,
      @Nullable String boundName) {}

  /** One stretch of work at one step. */
  public record Visit(String step, LocalDateTime at, long minutes) {}

  public CastPlan {
    casts = List.copyOf(casts);
    begun = List.copyOf(begun);
    orders = List.copyOf(orders);
    visits = List.copyOf(visits);
  }
}
