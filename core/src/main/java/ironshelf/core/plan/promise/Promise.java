package ironshelf.core.plan.promise;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.PlannedOrder;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.plan.schedule.Job;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.core.plan.schedule.ScheduleBuilder.Readiness;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The earliest date for an additional order that makes no other order late, or later than it is
 * (docs/method/plan.md), with a plan that keeps it. Not promised: that a search would not find an
 * earlier one.
 *
 * @param date at the end of which it is ready
 * @param boundName the mould, station or part that binds it; null for its route or hands
 * @param curve the date by the number of additional copies of its mould
 * @param plan of all orders and what is asked for
 */
public record Promise(
    LocalDate date,
    LocalDateTime readyAt,
    Bound boundBy,
    @Nullable String boundName,
    List<WithCopies> curve,
    CastPlan plan) {

  /** The name of the additional order where none was given. */
  public static final String ASKED = "asked";

  private static final int USUAL_MORE = 3;
  private static final int PATIENCE_YEARS = 30;

  /** The date with a number of additional copies. */
  public record WithCopies(int moreCopies, LocalDate date) {}

  /**
   * A question for a date.
   *
   * @param plan the orders that there are
   * @param moreCopies up to how many more copies the curve goes, 0 to 10; null: 3
   * @param order under which the plan has it; null: {@link #ASKED}
   * @param parts demands for its parts, each feeding it or another of these; null: none
   */
  public record PromiseRequest(
      PlanRequest plan,
      String product,
      int quantity,
      @Nullable Integer moreCopies,
      @Nullable String order,
      @Nullable List<Demand> parts) {
    public PromiseRequest {
      String own = order == null ? ASKED : order;
      order = own;
      parts = parts == null ? List.of() : List.copyOf(parts);
      moreCopies = moreCopies == null ? Integer.valueOf(USUAL_MORE) : moreCopies;
      new Findings()
          .present("plan", plan)
          .text("product", product, 80)
          .within("quantity", quantity, 1, 100_000)
          .within("moreCopies", moreCopies, 0, 10)
          .addIf(
              plan != null && plan.demands().stream().anyMatch(d -> d.order().equals(own)),
              FindingCode.PLAN_ASKED_TAKEN,
              "plan.demands",
              Map.of("value", own))
          .addIf(
              plan != null && plan.products().stream().noneMatch(p -> p.product().equals(product)),
              FindingCode.PLAN_UNKNOWN,
              "product",
              Map.of("value", String.valueOf(product)))
          .orRefuse();
    }
  }

  public Promise {
    curve = List.copyOf(curve);
  }

  /**
   * Returns the promise beside an existing plan.
   *
   * @param planned the casts of the existing plan in the order in which they were scheduled; empty
   *     where the other orders go by their due dates
   */
  public static Promise of(PromiseRequest request, List<PlannedCast> planned) {
    ScheduleBuilder without = new ScheduleBuilder(request.plan());
    List<Job> others = without.asIn(planned);
    Readiness before = without.readiness(others);
    PlanRequest asking = withAsked(request.plan(), request);
    Kept kept = earliest(asking, request.parts().size(), others, before).orElseThrow();
    CastPlan plan = kept.pass.plan(kept.order);
    PlannedOrder asked = kept.asked(plan, request.order());
    return new Promise(
        asked.readyAt().toLocalDate(),
        asked.readyAt(),
        asked.boundBy(),
        asked.boundName(),
        curve(request, asking, others, before, kept.readyMin),
        plan);
  }

  /**
   * Returns the dates by additional copies. A date that fewer copies give holds with more copies
   * too, since nobody has to use them; a schedule with more copies can end later by itself (the
   * anomaly of Graham 1969).
   */
  private static List<WithCopies> curve(
      PromiseRequest request, PlanRequest asking, List<Job> others, Readiness before, int none) {
    String mould =
        asking.products().stream()
            .filter(p -> p.product().equals(request.product()))
            .findFirst()
            .orElseThrow()
            .mould();
    List<WithCopies> curve = new ArrayList<>();
    int ready = none;
    for (int more = 0; more <= request.moreCopies(); more++) {
      if (more > 0) {
        int with =
            earliest(
                    asking.change().moreCopies(mould, more).request(),
                    request.parts().size(),
                    others,
                    before)
                .map(Kept::readyMin)
                .orElse(ready);
        ready = Math.min(ready, with);
      }
      LocalDateTime at = asking.start().plusMinutes(ready);
      curve.add(new WithCopies(more, at.toLocalDate()));
    }
    return curve;
  }

  /** Returns the jobs of a plan with the additional order among them. */
  private record Kept(ScheduleBuilder pass, List<Job> order, int readyMin) {

    PlannedOrder asked(CastPlan plan, String order) {
      return plan.orders().stream().filter(o -> o.order().equals(order)).findFirst().orElseThrow();
    }
  }

  /**
   * Finds, by bisection, the earliest place among the other jobs at which no other order is later.
   * Scheduled after all of them, the additional order harms none, and its parts come directly
   * before it; with more copies than the existing plan knew, even that may.
   */
  private static Optional<Kept> earliest(
      PlanRequest asking, int parts, List<Job> others, Readiness before) {
    ScheduleBuilder pass = new ScheduleBuilder(asking);
    int asked = asking.demands().size() - 1 - parts;
    List<Job> own = pass.usual().stream().filter(l -> l.demand(0) == asked).toList();
    Kept best = null;
    int low = 0;
    int high = others.size() + 1;
    for (int at = others.size(); low < high; at = (low + high) / 2) {
      List<Job> tried = among(others, own, at);
      Readiness after = pass.readiness(tried);
      if (after.harms(before)) {
        low = at + 1;
      } else {
        int ready = after.readyMin(asked);
        best = best == null || ready < best.readyMin ? new Kept(pass, tried, ready) : best;
        high = at;
      }
    }
    return Optional.ofNullable(best);
  }

  private static List<Job> among(List<Job> others, List<Job> own, int at) {
    List<Job> all = new ArrayList<>(others.subList(0, at));
    all.addAll(own);
    all.addAll(others.subList(at, others.size()));
    return all;
  }

  /** A due day long after all others, so that the additional order is never late itself. */
  private static PlanRequest withAsked(PlanRequest plan, PromiseRequest request) {
    LocalDate far =
        plan.demands().stream()
            .map(Demand::due)
            .max(LocalDate::compareTo)
            .orElse(plan.start().toLocalDate());
    List<Demand> all = new ArrayList<>(plan.demands());
    all.add(
        new Demand(
            request.order(),
            request.product(),
            request.quantity(),
            far.plusYears(PATIENCE_YEARS),
            1,
            null));
    all.addAll(request.parts());
    return plan.change().demands(all).request();
  }
}
