package ironshelf.core.plan;

import java.time.LocalDateTime;
import java.util.List;

/**
 * Casts laid out over time (handbook 2-5).
 *
 * @param totalWeightedLateDays of all orders
 * @param lowerBoundLateDays that no plan can go below
 */
public record CastPlan(
    List<PlannedCast> casts,
    List<PlannedOrder> orders,
    double totalWeightedLateDays,
    double lowerBoundLateDays,
    List<Visit> visits) {

  /** What holds an order up most. */
  public enum Bound {
    /** Its own route takes that long. */
    ROUTE,
    MOULD,
    HANDS,
    STATION
  }

  /**
   * One use of one copy.
   *
   * @param copy from 1
   * @param pieces that are wanted of it; what is over goes to stock
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
      List<Visit> works) {
    public PlannedCast {
      works = List.copyOf(works);
    }
  }

  /** When an order is ready, and what binds it. */
  public record PlannedOrder(String order, LocalDateTime readyAt, long lateDays, Bound boundBy) {}

  /** One stretch of work at one step. */
  public record Visit(String step, LocalDateTime at, long minutes) {}

  public CastPlan {
    casts = List.copyOf(casts);
    orders = List.copyOf(orders);
    visits = List.copyOf(visits);
  }
}
