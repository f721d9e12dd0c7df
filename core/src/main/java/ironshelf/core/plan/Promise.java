package ironshelf.core.plan;

import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.CastPlan.PlannedOrder;
import ironshelf.core.plan.PlanRequest.Demand;
import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The earliest date at which more can be had without making another order late, or later than it is
 * (handbook 2-5). Kept by the forward pass: planned as promised it is ready by then.
 *
 * @param date by whose end it is ready
 * @param curve the date with so many more copies of its mould
 */
public record Promise(
    LocalDate date, LocalDateTime readyAt, Bound boundBy, List<WithCopies> curve) {

  private static final String ASKED = "\u0000asked";

  /** A date with more copies. */
  public record WithCopies(int moreCopies, LocalDate date) {}

  /**
   * What is asked for.
   *
   * @param plan the orders that there are
   * @param moreCopies up to how many more copies the curve goes, 0 to 10 (3)
   */
  public record PromiseRequest(
      PlanRequest plan, String product, int quantity, @WhenMissing("3") int moreCopies) {
    public PromiseRequest {
      new Findings()
          .present("plan", plan)
          .text("product", product, 80)
          .within("quantity", quantity, 1, 100_000)
          .within("moreCopies", moreCopies, 0, 10)
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

  public static Promise of(PromiseRequest request) {
    PlannedOrder kept = earliest(request.plan(), request);
    String mould =
        request.plan().products().stream()
            .filter(p -> p.product().equals(request.product()))
            .findFirst()
            .orElseThrow()
            .mould();
    List<WithCopies> curve = new ArrayList<>();
    for (int more = 0; more <= request.moreCopies(); more++) {
      PlannedOrder with =
          more == 0 ? kept : earliest(request.plan().withCopies(mould, more), request);
      curve.add(new WithCopies(more, with.readyAt().toLocalDate()));
    }
    return new Promise(kept.readyAt().toLocalDate(), kept.readyAt(), kept.boundBy(), curve);
  }

  /**
   * Laid after all others it harms none; a due date before others' may get it in sooner, as far as
   * nobody is later for it. Between the two the date is looked for by halves.
   */
  private static PlannedOrder earliest(PlanRequest plan, PromiseRequest request) {
    CastPlan before = ForwardPass.of(plan);
    Map<String, Long> late = new HashMap<>();
    before.orders().forEach(o -> late.put(o.order(), o.lateDays()));
    LocalDate far =
        plan.demands().stream().map(Demand::due).max(LocalDate::compareTo).orElseThrow();
    PlannedOrder best = asked(with(plan, request, far.plusYears(1)));
    LocalDate low = plan.start().toLocalDate();
    LocalDate high = best.readyAt().toLocalDate();
    while (low.isBefore(high)) {
      LocalDate middle = low.plusDays((high.toEpochDay() - low.toEpochDay()) / 2);
      CastPlan tried = with(plan, request, middle);
      PlannedOrder asked = asked(tried);
      boolean harms =
          tried.orders().stream()
              .anyMatch(o -> !o.order().equals(ASKED) && o.lateDays() > late.get(o.order()));
      if (!harms && !asked.readyAt().toLocalDate().isAfter(middle)) {
        best = asked.readyAt().isBefore(best.readyAt()) ? asked : best;
        high = middle;
      } else {
        low = middle.plusDays(1);
      }
    }
    return best;
  }

  private static CastPlan with(PlanRequest plan, PromiseRequest request, LocalDate due) {
    List<Demand> all = new ArrayList<>(plan.demands());
    all.add(new Demand(ASKED, request.product(), request.quantity(), due, 1));
    return ForwardPass.of(plan.wanting(all));
  }

  private static PlannedOrder asked(CastPlan plan) {
    return plan.orders().stream().filter(o -> o.order().equals(ASKED)).findFirst().orElseThrow();
  }
}
