package ironshelf.plan;

import ironshelf.core.cure.Maturity;
import ironshelf.core.cure.MaturityMethod;
import ironshelf.core.plan.CastPlan;
import ironshelf.core.plan.CastPlan.PlannedCast;
import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.schedule.ScheduleBuilder;
import ironshelf.core.plan.whatif.WarmPlace;
import ironshelf.core.plan.whatif.WhatIf;
import ironshelf.plan.basis.DemandName;
import ironshelf.plan.basis.PlanContent.Help;
import ironshelf.plan.basis.PlanContent.HelpKind;
import ironshelf.station.StationService;
import ironshelf.station.StationView;
import ironshelf.workshop.WorkshopService;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What would have a late line ready sooner: each tried by itself on the plan as it is. */
@Component
class PlanHelps {

  private static final int AN_HOUR = 60;

  private final StationService stations;
  private final WorkshopService workshop;

  PlanHelps(StationService stations, WorkshopService workshop) {
    this.stations = stations;
    this.workshop = workshop;
  }

  /** The same for any number of lines of one plan. */
  Trials of(PlanRequest request, CastPlan plan) {
    return new Trials(request, plan);
  }

  /** The plans of changed shops, made once for all lines. */
  final class Trials {
    private final PlanRequest request;
    private final CastPlan plan;
    private final Map<HelpKind, CastPlan> shops = new EnumMap<>(HelpKind.class);

    Trials(PlanRequest request, CastPlan plan) {
      this.request = request;
      this.plan = plan;
    }

    /**
     * What has a line ready on an earlier day, the best first.
     *
     * @param mould that binds it; null where none does
     */
    List<Help> helps(String line, LocalDateTime readyAt, @Nullable String mould) {
      List<Help> all = new ArrayList<>();
      WhatIf none = new WhatIf(Map.of(), 0, 0, null, null);
      if (mould != null) {
        CastPlan with = scheduled(none.copies(mould, 1).changed(request), plan.casts());
        add(all, HelpKind.COPY, with, line, readyAt);
      }
      add(all, HelpKind.HOUR, shop(HelpKind.HOUR, none.longer(AN_HOUR)), line, readyAt);
      add(all, HelpKind.PERSON, shop(HelpKind.PERSON, none.people(1)), line, readyAt);
      if (!request.calendar().days().contains(DayOfWeek.SATURDAY)) {
        CastPlan with = shop(HelpKind.SATURDAY, none.also(DayOfWeek.SATURDAY));
        add(all, HelpKind.SATURDAY, with, line, readyAt);
      }
      tent(line).ifPresent(with -> add(all, HelpKind.TENT, with, line, readyAt));
      add(all, HelpKind.FIRST, scheduled(request, first(line)), line, readyAt);
      all.sort(Comparator.comparing(Help::readyAt));
      return all;
    }

    private CastPlan shop(HelpKind kind, WhatIf change) {
      return shops.computeIfAbsent(kind, k -> scheduled(change.changed(request), plan.casts()));
    }

    /** All that belongs to a line before all else. */
    private List<PlannedCast> first(String line) {
      List<PlannedCast> order = new ArrayList<>(plan.casts());
      order.sort(Comparator.comparing(c -> !isOf(c.order(), line)));
      return order;
    }

    private Optional<CastPlan> tent(String line) {
      double roomC = workshop.view().roomC();
      if (roomC >= WarmPlace.TENT_C) {
        return Optional.empty();
      }
      Maturity maturity = Maturity.usual(MaturityMethod.ARRHENIUS);
      int room =
          stations.all().stream()
              .filter(StationView::warm)
              .map(StationView::pieces)
              .filter(Objects::nonNull)
              .findFirst()
              .orElse(WarmPlace.TENT_PIECES);
      WarmPlace place = new WarmPlace(room, maturity.rate(roomC) / maturity.rate(WarmPlace.TENT_C));
      Set<String> own =
          request.products().stream()
              .filter(p -> isCastFor(p, line) && place.takes(request, p))
              .map(PlanProduct::product)
              .collect(Collectors.toSet());
      return own.isEmpty()
          ? Optional.empty()
          : Optional.of(scheduled(place.in(request, own), plan.casts()));
    }

    private boolean isCastFor(PlanProduct product, String line) {
      return plan.casts().stream()
          .anyMatch(c -> c.product().equals(product.product()) && isOf(c.order(), line));
    }
  }

  private static boolean isOf(String order, String line) {
    return DemandName.of(order).lineId() == DemandName.of(line).lineId();
  }

  private static CastPlan scheduled(PlanRequest request, List<PlannedCast> order) {
    ScheduleBuilder builder = new ScheduleBuilder(request);
    return builder.plan(builder.asIn(order));
  }

  private static void add(
      List<Help> all, HelpKind kind, CastPlan with, String line, LocalDateTime readyAt) {
    with.orders().stream()
        .filter(o -> o.order().equals(line))
        .filter(o -> o.readyAt().toLocalDate().isBefore(readyAt.toLocalDate()))
        .forEach(o -> all.add(new Help(kind, o.readyAt())));
  }
}
