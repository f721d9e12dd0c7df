package ironshelf.core.plan;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Casts laid out over time (docs/method/plan.md).
 *
 * @param casts in the order in which they were laid
 * @param begun when that which has begun is ready
 * @param totalWeightedLateDays of all demands
 * @param lowerBoundLateDays that no plan can go below
 * @param gap between its late days and that bound, as a share of the late days; 0 where it is
 *     proven that no plan has fewer
 * @param batches what is mixed together, in the order of the clock; null where each cast is mixed
 *     by itself
 */
public record CastPlan(
    List<PlannedCast> casts,
    List<PlannedRest> begun,
    List<PlannedOrder> orders,
    double totalWeightedLateDays,
    double lowerBoundLateDays,
    @Nullable Double gap,
    Objective outcome,
    List<Visit> visits,
    @Nullable List<PlanBatch> batches) {

  /** What holds an order up most. */
  public enum Bound {
    /** Its own route takes that long. */
    ROUTE,
    MOULD,
    HANDS,
    STATION,
    /** Its parts are not there sooner. */
    PARTS,
    /** What it is made of is not there sooner. */
    MATERIAL
  }

  /**
   * One use of one copy.
   *
   * @param copy from 1
   * @param pieces that are wanted of it; what is over goes to stock
   * @param pinned whether somebody put it there
   * @param works all that a person does to it, in order
   * @param batch by which it is filled, its place among them; null where it is mixed by itself
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
      List<Visit> works,
      @Nullable Integer batch) {
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
   * @param boundName the mould, station, part or material that binds it; null for its route, hands,
   *     and a material without a name
   */
  public record PlannedOrder(
      String order,
      LocalDateTime readyAt,
      long lateDays,
      Bound boundBy,
      @Nullable String boundName) {}

  /**
   * One stretch of work at one step.
   *
   * @param person who does it, from 1; null where nobody was told apart
   */
  public record Visit(String step, LocalDateTime at, long minutes, @Nullable Integer person) {}

  /**
   * One mix: one stretch of one person.
   *
   * @param litres that are mixed, whole packs where the recipe wants them
   * @param minutes to prepare, mix, fill and wash
   * @param casts that it fills, by their place among the plan's
   * @param helpers who fill beside that person; null where nobody does
   */
  public record PlanBatch(
      String recipe,
      String colour,
      double litres,
      LocalDateTime startsAt,
      int person,
      long minutes,
      List<Integer> casts,
      @Nullable List<Integer> helpers) {
    public PlanBatch {
      casts = List.copyOf(casts);
      helpers = helpers == null ? null : List.copyOf(helpers);
    }
  }

  public CastPlan {
    casts = List.copyOf(casts);
    begun = List.copyOf(begun);
    orders = List.copyOf(orders);
    visits = List.copyOf(visits);
    batches = batches == null ? null : List.copyOf(batches);
  }

  /** What is mixed together; none where each cast is mixed by itself. */
  public List<PlanBatch> mixes() {
    return batches == null ? List.of() : batches;
  }
}
