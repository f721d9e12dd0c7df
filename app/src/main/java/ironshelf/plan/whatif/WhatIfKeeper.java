package ironshelf.plan.whatif;

import ironshelf.act.ActService;
import ironshelf.copy.CopyCondition;
import ironshelf.copy.CopyRequest;
import ironshelf.core.plan.OpenHours;
import ironshelf.core.plan.whatif.WhatIf;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.http.problem.ProblemException;
import ironshelf.mould.MouldService;
import ironshelf.mould.MouldView;
import ironshelf.plan.whatif.WhatIfController.CopiesMore;
import ironshelf.plan.whatif.WhatIfController.TentMore;
import ironshelf.plan.whatif.WhatIfController.WhatIfRequest;
import ironshelf.plan.whatif.WhatIfView.CopiesNow;
import ironshelf.plan.whatif.WhatIfView.WhatIfKept;
import ironshelf.product.ProductView;
import ironshelf.route.RouteService;
import ironshelf.route.RouteView;
import ironshelf.station.StationChange;
import ironshelf.station.StationService;
import ironshelf.station.StationView;
import ironshelf.workshop.WorkshopService;
import ironshelf.workshop.WorkshopView;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the shop what was tried; the plan follows from that by itself. */
@Service
@Transactional
class WhatIfKeeper {

  private static final int MOST_PEOPLE = 50;

  private final WhatIfService trials;
  private final PlanTrials plans;
  private final ActService acts;
  private final MouldService moulds;
  private final WorkshopService workshop;
  private final StationService stations;
  private final RouteService routes;
  private final Clock clock;

  WhatIfKeeper(
      WhatIfService trials,
      PlanTrials plans,
      ActService acts,
      MouldService moulds,
      WorkshopService workshop,
      StationService stations,
      RouteService routes,
      Clock clock) {
    this.trials = trials;
    this.plans = plans;
    this.acts = acts;
    this.moulds = moulds;
    this.workshop = workshop;
    this.stations = stations;
    this.routes = routes;
    this.clock = clock;
  }

  /** Once for the key. */
  WhatIfKept keep(String key, WhatIfRequest wanted) {
    acts.once(
        key,
        "what-if",
        () -> {
          make(wanted);
          return 1;
        });
    return new WhatIfKept(
        wanted.copies().stream().map(c -> copiesNow(moulds.mould(c.mouldId()))).toList(),
        workshop.view().people(),
        wanted.tent() == null ? List.of() : inTent());
  }

  private void make(WhatIfRequest wanted) {
    WhatIf change = trials.change(wanted);
    List<ProductView> warmed =
        wanted.tent() == null
            ? List.of()
            : trials.inTent(plans.tried(change, wanted.withExpected()));
    wanted.copies().forEach(this::add);
    WorkshopView shop = workshop.view();
    int people = Math.min(MOST_PEOPLE, shop.people() + wanted.people());
    OpenHours hours = change.hours(shop.hours());
    if (people != shop.people() || !hours.equals(shop.hours())) {
      workshop.change(shop.version(), shop.kept().with(people, hours));
    }
    if (wanted.tent() != null) {
      StationView tent = tent();
      makeRoom(tent, wanted.tent());
      warmed.forEach(p -> setIn(tent.code(), p.id()));
    }
  }

  private void add(CopiesMore more) {
    for (int copy = 0; copy < more.more(); copy++) {
      moulds.addCopy(
          more.mouldId(),
          new CopyRequest(
              moulds.nextCopyCode(more.mouldId()),
              0,
              null,
              LocalDate.now(clock),
              moulds.mould(more.mouldId()).price(),
              null));
    }
  }

  private StationView tent() {
    return stations.all().stream()
        .filter(StationView::warm)
        .findFirst()
        .orElseThrow(() -> ProblemException.conflict("whatif.noTent", Map.of()));
  }

  private void makeRoom(StationView tent, TentMore wanted) {
    if (tent.pieces() == null || tent.pieces() < wanted.pieces()) {
      stations.change(
          tent.id(),
          tent.version(),
          new StationChange(tent.name(), wanted.pieces(), tent.litres()));
    }
  }

  /** From now on a product's castings are brought there to set. */
  private void setIn(String station, long productId) {
    RouteView current = routes.current(productId);
    Route route = current.route();
    List<RouteStep> steps = new ArrayList<>();
    for (int i = 0; i < route.steps().size(); i++) {
      RouteStep step = route.steps().get(i);
      steps.add(route.kind(i).has(Effect.SETS) ? step.in(station) : step);
    }
    routes.change(productId, current.id(), steps);
  }

  private static CopiesNow copiesNow(MouldView mould) {
    return new CopiesNow(
        mould.name(),
        (int) mould.copies().stream().filter(c -> c.condition() == CopyCondition.GOOD).count());
  }

  private List<String> inTent() {
    String tent = tent().code();
    return trials.withRoute(r -> isSetIn(r, tent));
  }

  private static boolean isSetIn(Route route, String station) {
    for (int i = 0; i < route.steps().size(); i++) {
      if (route.kind(i).has(Effect.SETS) && station.equals(route.steps().get(i).station())) {
        return true;
      }
    }
    return false;
  }
}
