package ironshelf.plan.whatif;

import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.PlannedOrder;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.PlanRequest;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.order.OrderLineView;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.plan.PlanTrials;
import ironshelf.plan.PlanTrials.Trial;
import ironshelf.plan.whatif.WhatIfController.CopiesMore;
import ironshelf.plan.whatif.WhatIfController.WhatIfRequest;
import ironshelf.plan.whatif.WhatIfView.LineShift;
import ironshelf.plan.whatif.WhatIfView.PlanFigures;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tries a changed shop, and says what would be different. */
@Service
@Transactional(readOnly = true)
class WhatIfService {

  private final PlanTrials trials;
  private final OrderService orders;
  private final MouldService moulds;

  WhatIfService(PlanTrials trials, OrderService orders, MouldService moulds) {
    this.trials = trials;
    this.orders = orders;
    this.moulds = moulds;
  }

  WhatIfView tried(WhatIfRequest wanted) {
    List<BigDecimal> costs = new ArrayList<>();
    boolean priced = true;
    for (CopiesMore more : wanted.copies()) {
      MouldView mould = moulds.mould(more.mouldId());
      BigDecimal price = mould.price();
      priced &= price != null;
      costs.add(price == null ? BigDecimal.ZERO : price.multiply(BigDecimal.valueOf(more.more())));
    }
    Trial trial = trials.with(request -> changed(request, wanted));
    return new WhatIfView(
        figures(trial.before()),
        figures(trial.after()),
        shifts(trial),
        costs.isEmpty() || !priced
            ? null
            : costs.stream().reduce(BigDecimal.ZERO, BigDecimal::add));
  }

  private static PlanRequest changed(PlanRequest request, WhatIfRequest wanted) {
    OpenHours hours = request.calendar().longerBy(wanted.minutes());
    if (wanted.alsoOn() != null) {
      hours = hours.alsoOn(wanted.alsoOn());
    }
    PlanRequest changed =
        request.withPeople(Math.min(50, request.people() + wanted.people()), hours);
    for (CopiesMore more : wanted.copies()) {
      changed = changed.withCopies(PlanTrials.mould(more.mouldId()), more.more());
    }
    return changed;
  }

  private static PlanFigures figures(CastPlan plan) {
    return new PlanFigures(
        (int) plan.orders().stream().filter(o -> o.lateDays() > 0).count(),
        plan.orders().stream().mapToLong(PlannedOrder::lateDays).sum(),
        plan.mixes().size(),
        last(plan));
  }

  private static @Nullable LocalDate last(CastPlan plan) {
    return plan.orders().stream()
        .map(PlannedOrder::readyAt)
        .max(LocalDateTime::compareTo)
        .map(LocalDateTime::toLocalDate)
        .orElse(null);
  }

  private List<LineShift> shifts(Trial trial) {
    Map<String, LocalDate> was = ready(trial.before());
    Map<String, LocalDate> is = ready(trial.after());
    List<LineShift> shifts = new ArrayList<>();
    for (OrderView order : orders.open()) {
      for (OrderLineView line : order.lines()) {
        LocalDate before = was.get(PlanTrials.line(line.id()));
        LocalDate after = is.get(PlanTrials.line(line.id()));
        if (before != null && after != null && !before.equals(after)) {
          shifts.add(
              new LineShift(
                  line.id(),
                  order.id(),
                  order.number(),
                  order.customer(),
                  line.product(),
                  line.due(),
                  before,
                  after));
        }
      }
    }
    shifts.sort(Comparator.comparingLong(s -> s.is().toEpochDay() - s.was().toEpochDay()));
    return shifts;
  }

  private static Map<String, LocalDate> ready(CastPlan plan) {
    return plan.orders().stream()
        .collect(
            Collectors.toMap(
                PlannedOrder::order,
                o -> o.readyAt().toLocalDate(),
                (a, b) -> a.isAfter(b) ? a : b));
  }
}
