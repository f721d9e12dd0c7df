package ironshelf.plan;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.Bound;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.CastPlan.PlannedOrder;
import ironshelf.core.plan.CastPlan.PlannedRest;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.core.plan.search.PlanRules;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.order.line.OrderLineView;
import ironshelf.plan.basis.DemandName;
import ironshelf.plan.basis.PlanBasis;
import ironshelf.plan.basis.PlanContent;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** Makes what is kept of a plan: when each line is ready, and what would have it ready sooner. */
@Component
class PlanMaker {

  private static final List<Integer> MORE_COPIES = List.of(1, 2);

  /** Of more late lines the first ones are told what would help. */
  private static final int MOST_HELPED = 12;

  private final OrderService orders;
  private final PlanHelps helps;

  PlanMaker(OrderService orders, PlanHelps helps) {
    this.orders = orders;
    this.helps = helps;
  }

  PlanContent content(PlanBasis basis, CastPlan plan) {
    return new PlanContent(
        plan,
        basis.copies(),
        basis.what(),
        lines(basis, plan),
        basis.idle(),
        PlanRules.of(plan.outcome()));
  }

  private List<PlanContent.PlannedLine> lines(PlanBasis basis, CastPlan plan) {
    Map<Long, PlannedOrder> poured = new HashMap<>();
    plan.orders().stream()
        .filter(o -> !DemandName.of(o.order()).isPart())
        .forEach(o -> poured.merge(DemandName.of(o.order()).lineId(), o, PlanMaker::later));
    Map<Long, LocalDateTime> begun = new HashMap<>();
    for (PlannedRest rest : plan.begun()) {
      basis
          .lineOf()
          .getOrDefault(rest.name(), List.of())
          .forEach(line -> begun.merge(line, ready(rest, plan), PlanMaker::later));
    }
    Map<String, List<CastPlan>> withMore = new HashMap<>();
    LocalDateTime start = basis.request().start();
    PlanHelps.Trials trials = helps.of(basis.request(), plan);
    int helped = 0;
    List<PlanContent.PlannedLine> lines = new ArrayList<>();
    for (OrderView order : orders.open()) {
      for (OrderLineView line : order.lines()) {
        if (basis.idle().contains(line.id()) || line.sent() == line.quantity()) {
          continue;
        }
        PlannedOrder last = poured.get(line.id());
        LocalDateTime ready = begun.getOrDefault(line.id(), start);
        boolean waitsForBegun = last == null || ready.isAfter(last.readyAt());
        if (last != null && !waitsForBegun) {
          ready = last.readyAt();
        }
        long late = lateDays(line.due(), ready);
        Bound bound = waitsForBegun || last == null ? Bound.ROUTE : last.boundBy();
        String name = waitsForBegun || last == null ? null : last.boundName();
        boolean isHelped = late > 0 && last != null && !waitsForBegun && helped++ < MOST_HELPED;
        lines.add(
            new PlanContent.PlannedLine(
                line.id(),
                ready,
                late,
                bound,
                name,
                late > 0 && bound == Bound.MOULD
                    ? with(basis.request(), plan, Objects.requireNonNull(name), line.id(), withMore)
                    : List.of(),
                isHelped
                    ? trials.helps(
                        DemandName.line(line.id()).toString(),
                        ready,
                        bound == Bound.MOULD ? name : null)
                    : null));
      }
    }
    return lines;
  }

  private static long lateDays(LocalDate due, LocalDateTime ready) {
    return Math.max(0, ChronoUnit.DAYS.between(due, ready.toLocalDate()));
  }

  /** When what has begun is ready, its later pours included. */
  private static LocalDateTime ready(PlannedRest rest, CastPlan plan) {
    return plan.orders().stream()
        .filter(o -> DemandName.of(o.order()).isLastPourOf(rest.name()))
        .map(PlannedOrder::readyAt)
        .reduce(rest.readyAt(), PlanMaker::later);
  }

  private static PlannedOrder later(PlannedOrder a, PlannedOrder b) {
    return a.readyAt().isAfter(b.readyAt()) ? a : b;
  }

  private static LocalDateTime later(LocalDateTime a, LocalDateTime b) {
    return a.isAfter(b) ? a : b;
  }

  /**
   * Returns the plans with more copies of a mould, in the same order of casts, made once for each
   * mould.
   */
  private static List<PlanContent.WithMore> with(
      PlanRequest request,
      CastPlan plan,
      String mould,
      long lineId,
      Map<String, List<CastPlan>> known) {
    List<CastPlan> plans =
        known.computeIfAbsent(
            mould,
            m ->
                MORE_COPIES.stream()
                    .map(more -> scheduled(request, plan.casts(), m, more))
                    .toList());
    List<PlanContent.WithMore> with = new ArrayList<>();
    String line = DemandName.line(lineId).toString();
    for (int i = 0; i < MORE_COPIES.size(); i++) {
      int more = MORE_COPIES.get(i);
      plans.get(i).orders().stream()
          .filter(o -> o.order().equals(line))
          .forEach(o -> with.add(new PlanContent.WithMore(more, o.readyAt())));
    }
    return with;
  }

  private static CastPlan scheduled(
      PlanRequest request, List<PlannedCast> order, String mould, int more) {
    ScheduleBuilder pass = new ScheduleBuilder(request.change().moreCopies(mould, more).request());
    return pass.plan(pass.asIn(order));
  }
}
