package ironshelf.core.plan;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A plan: when each cast is filled, and when orders are ready (docs/method/plan.md).
 *
 * @param casts in the order in which they were scheduled
 * @param begun when the casts that have begun are ready
 * @param totalWeightedLateDays of all demands
 * @param lowerBoundLateDays weighted late days that no plan can go below
 * @param gap between its late days and that bound, as a share of the late days; 0 where it is
 *     proven that no plan has fewer
 * @param batches the mixes, in the order of the clock; null where each cast is mixed by itself
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

  /** What delays an order most. */
  public enum Bound {
    /** The length of its own route. */
    ROUTE,
    MOULD,
    HANDS,
    STATION,
    /** Parts that are ready late. */
    PARTS,
    /** Material that arrives late. */
    MATERIAL
  }

  /**
   * One filling of one copy of a mould.
   *
   * @param copy from 1
   * @param pieces that are wanted of it; the others go to stock
   * @param pinned whether somebody chose its place
   * @param works all work of people on it, in order
   * @param batch the mix that fills it, as an index into those of the plan; null where it is mixed
   *     by itself
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
   * The rest of a cast that has begun.
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
   * When an order is ready, and what delays it most.
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
   * Work at one step without a break.
   *
   * @param person who does it, from 1; null where people are not told apart
   */
  public record Visit(String step, LocalDateTime at, long minutes, @Nullable Integer person) {}

  /**
   * One mix, made by one person without a break.
   *
   * @param litres that are mixed, whole packs where the recipe wants them
   * @param minutes to prepare, mix, fill and wash
   * @param casts that it fills, as indexes into those of the plan
   * @param helpers people who fill as well; null where there are none
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

  /** Returns the mixes; none where each cast is mixed by itself. */
  public List<PlanBatch> mixes() {
    return batches == null ? List.of() : batches;
  }
}
