package ironshelf.core.plan;

import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.CastPlan.PlannedOrder;
import ironshelf.core.plan.ForwardPass.Readiness;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * The earliest date at which more can be had without making another order late, or later than it is
 * (handbook 2-5). There is a plan that keeps it: {@code plan}. Not promised: that a search would
 * not find an earlier one.
 *
 * @param date by whose end it is ready
 * @param boundName the mould or station that binds it; null for its route or hands
 * @param curve the date with so many more copies of its mould
 * @param plan of all orders and what is asked for
 */
public record Promise(
    LocalDate date,
    LocalDateTime readyAt,
    Bound boundBy,
    @Nullable String boundName,
    List<WithCopies> curve,
    CastPlan plan) {

  /** The order under which the plan has what is asked for, where it has no name of its own. */
  public static final String ASKED = "asked";

  private static final int USUAL_MORE = 3;
  private static final int PATIENCE_YEARS = 30;

  /** A date with more copies. */
  public record WithCopies(int moreCopies, LocalDate date) {}

  /**
   * What is asked for.
   *
   * @param plan the orders that there are
   * @param moreCopies up to how many more copies the curve goes, 0 to 10; null: 3
   * @param order under which the plan has it; null: {@link #ASKED}
   */
  public record PromiseRequest(
      PlanRequest plan,
      String product,
      int quantity,
      @Nullable Integer moreCopies,
      @Nullable String order) {
    public PromiseRequest {
      String own = order == null ? ASKED : order;
      order = own;
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

  /** Beside orders that are planned in the usual order. */
  public static Promise of(PromiseRequest request) {
    return of(request, ForwardPass::usual);
  }

  /**
   * Beside orders that are planned in an order of their own.
   *
   * @param order of the lots of a pass that knows the orders there are
   */
  public static Promise of(PromiseRequest request, Function<ForwardPass, List<Lot>> order) {
    Kept kept = earliest(request.plan(), request, order);
    String mould =
        request.plan().products().stream()
            .filter(p -> p.product().equals(request.product()))
            .findFirst()
            .orElseThrow()
            .mould();
    List<WithCopies> curve = new ArrayList<>();
    for (int more = 0; more <= request.moreCopies(); more++) {
      Kept with =
          more == 0 ? kept : earliest(request.plan().withCopies(mould, more), request, order);
      LocalDateTime ready = request.plan().start().plusMinutes(with.readyMin);
      curve.add(new WithCopies(more, ready.toLocalDate()));
    }
    CastPlan plan = kept.pass.plan(kept.order);
    PlannedOrder asked = kept.asked(plan, request.order());
    return new Promise(
        asked.readyAt().toLocalDate(),
        asked.readyAt(),
        asked.boundBy(),
        asked.boundName(),
        curve,
        plan);
  }

  /** The order of a plan with what is asked for in it. */
  private record Kept(ForwardPass pass, List<Lot> order, int readyMin) {

    PlannedOrder asked(CastPlan plan, String order) {
      return plan.orders().stream().filter(o -> o.order().equals(order)).findFirst().orElseThrow();
    }
  }

  /**
   * Laid after all others it harms none. The earliest place among them at which nobody is later for
   * it is looked for by halves.
   */
  private static Kept earliest(
      PlanRequest plan, PromiseRequest request, Function<ForwardPass, List<Lot>> order) {
    ForwardPass without = new ForwardPass(plan);
    List<Lot> others = order.apply(without);
    Readiness before = without.readiness(others);
    ForwardPass with = new ForwardPass(withAsked(plan, request));
    int asked = plan.demands().size();
    List<Lot> own = with.usual().stream().filter(l -> l.demand() == asked).toList();
    List<Lot> last = among(others, own, others.size());
    Kept best = new Kept(with, last, with.readiness(last).readyMin(asked));
    int low = 0;
    int high = others.size();
    while (low < high) {
      int middle = (low + high) / 2;
      List<Lot> tried = among(others, own, middle);
      Readiness after = with.readiness(tried);
      if (after.harms(before)) {
        low = middle + 1;
      } else {
        int ready = after.readyMin(asked);
        best = ready < best.readyMin ? new Kept(with, tried, ready) : best;
        high = middle;
      }
    }
    return best;
  }

  private static List<Lot> among(List<Lot> others, List<Lot> own, int at) {
    List<Lot> all = new ArrayList<>(others.subList(0, at));
    all.addAll(own);
    all.addAll(others.subList(at, others.size()));
    return all;
  }

  /** Due long after all others, so that it is never late itself. */
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
            1));
    return plan.wanting(all);
  }
}
