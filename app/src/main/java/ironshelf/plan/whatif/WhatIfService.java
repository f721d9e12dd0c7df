package ironshelf.plan.whatif;

import ironshelf.core.cure.Maturity;
import ironshelf.core.cure.MaturityMethod;
import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.PlannedOrder;
import ironshelf.core.plan.whatif.WarmPlace;
import ironshelf.core.plan.whatif.WhatIf;
import ironshelf.core.route.Route;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.order.OrderService;
import ironshelf.order.OrderView;
import ironshelf.order.line.OrderLineView;
import ironshelf.plan.whatif.WhatIfController.CopiesMore;
import ironshelf.plan.whatif.WhatIfController.TentMore;
import ironshelf.plan.whatif.WhatIfController.WhatIfRequest;
import ironshelf.plan.whatif.WhatIfView.CopyHelp;
import ironshelf.plan.whatif.WhatIfView.LineShift;
import ironshelf.plan.whatif.WhatIfView.PlanFigures;
import ironshelf.product.ProductService;
import ironshelf.product.ProductView;
import ironshelf.route.RouteService;
import ironshelf.workshop.WorkshopService;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
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
  private final ProductService products;
  private final WorkshopService workshop;
  private final RouteService routes;

  WhatIfService(
      PlanTrials trials,
      OrderService orders,
      MouldService moulds,
      ProductService products,
      WorkshopService workshop,
      RouteService routes) {
    this.trials = trials;
    this.orders = orders;
    this.moulds = moulds;
    this.products = products;
    this.workshop = workshop;
    this.routes = routes;
  }

  WhatIfView tried(WhatIfRequest wanted) {
    BigDecimal cost = copiesCost(wanted.copies());
    WhatIf.Tried tried = trials.tried(change(wanted), wanted.withExpected());
    PlanFigures before = figures(tried.before());
    PlanFigures after = figures(tried.after());
    long savedMin = tried.before().outcome().minutes() - tried.after().outcome().minutes();
    return new WhatIfView(
        before,
        after,
        shifts(tried),
        inTent(tried).stream().map(ProductView::name).toList(),
        cost,
        savedMin,
        workshop
            .view()
            .ratePerHour()
            .multiply(BigDecimal.valueOf(savedMin))
            .divide(BigDecimal.valueOf(60), 2, RoundingMode.HALF_UP),
        cost == null ? null : piecesToPay(cost, wanted.copies()));
  }

  /** The products that would set in the tent. */
  List<ProductView> inTent(WhatIf.Tried tried) {
    return tried.inWarmPlace().stream()
        .map(PlanTrials::productId)
        .distinct()
        .map(products::product)
        .toList();
  }

  /** The names of the products whose route now is like that. */
  List<String> withRoute(Predicate<Route> like) {
    return routes.allCurrent().values().stream()
        .filter(r -> like.test(r.route()))
        .map(r -> products.product(r.productId()).name())
        .sorted()
        .toList();
  }

  WhatIf change(WhatIfRequest wanted) {
    Map<String, Integer> copies = new LinkedHashMap<>();
    for (CopiesMore more : wanted.copies()) {
      moulds.mould(more.mouldId());
      copies.merge(PlanTrials.mould(more.mouldId()), more.more(), Integer::sum);
    }
    return new WhatIf(
        copies, wanted.people(), wanted.minutes(), wanted.alsoOn(), warmPlace(wanted.tent()));
  }

  /** By how much faster a mix ages there than in the room as it usually is. */
  private @Nullable WarmPlace warmPlace(@Nullable TentMore tent) {
    if (tent == null) {
      return null;
    }
    Maturity maturity = Maturity.usual(MaturityMethod.ARRHENIUS);
    double share = maturity.rate(workshop.view().roomC()) / maturity.rate(tent.celsius());
    return new WarmPlace(tent.pieces(), Math.min(1, share));
  }

  private @Nullable BigDecimal copiesCost(List<CopiesMore> copies) {
    BigDecimal cost = BigDecimal.ZERO;
    for (CopiesMore more : copies) {
      BigDecimal price = moulds.mould(more.mouldId()).price();
      if (price == null) {
        return null;
      }
      cost = cost.add(price.multiply(BigDecimal.valueOf(more.more())));
    }
    return copies.isEmpty() ? null : cost;
  }

  /** By the middle price of what is on order from those moulds. */
  private @Nullable Integer piecesToPay(BigDecimal cost, List<CopiesMore> copies) {
    Set<Long> mouldIds = copies.stream().map(CopiesMore::mouldId).collect(Collectors.toSet());
    List<BigDecimal> prices =
        orders.open().stream()
            .flatMap(o -> o.lines().stream())
            .filter(l -> mouldIds.contains(l.mouldId()) && l.price().signum() > 0)
            .map(OrderLineView::price)
            .sorted()
            .toList();
    return prices.isEmpty()
        ? null
        : cost.divide(prices.get(prices.size() / 2), 0, RoundingMode.CEILING).intValue();
  }

  List<CopyHelp> copiesThatHelp(boolean withExpected) {
    return trials.copiesThatHelp(withExpected).entrySet().stream()
        .map(
            e -> {
              MouldView mould = moulds.mould(e.getKey());
              return new CopyHelp(mould.id(), mould.name(), e.getValue(), mould.price());
            })
        .sorted(Comparator.comparingLong(CopyHelp::fewerLateDays).reversed())
        .toList();
  }

  private static PlanFigures figures(CastPlan plan) {
    return new PlanFigures(
        (int) plan.orders().stream().filter(o -> o.lateDays() > 0).count(),
        plan.orders().stream().mapToLong(PlannedOrder::lateDays).sum(),
        plan.mixes().size(),
        plan.outcome().mixMinutes() == null ? 0 : plan.outcome().mixMinutes(),
        plan.outcome().lateWorkMinutes() == null ? 0 : plan.outcome().lateWorkMinutes(),
        last(plan));
  }

  private static @Nullable LocalDate last(CastPlan plan) {
    return plan.orders().stream()
        .map(PlannedOrder::readyAt)
        .max(LocalDateTime::compareTo)
        .map(LocalDateTime::toLocalDate)
        .orElse(null);
  }

  private List<LineShift> shifts(WhatIf.Tried trial) {
    Map<String, LocalDate> was = ready(trial.before());
    Map<String, LocalDate> is = ready(trial.after());
    List<LineShift> shifts = new ArrayList<>();
    for (OrderView order : orders.open()) {
      for (OrderLineView line : order.lines()) {
        LocalDate before = was.get(PlanTrials.line(line.id()));
        LocalDate after = is.get(PlanTrials.line(line.id()));
        if (before != null && after != null) {
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
