package ironshelf.route;

import ironshelf.core.quantity.FindingCode;
import ironshelf.core.quantity.Findings;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.core.route.StepKinds;
import ironshelf.http.problem.ProblemException;
import ironshelf.station.StationService;
import ironshelf.store.CachedRead;
import ironshelf.store.TableVersions;
import java.time.Clock;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Routes of products. */
@Service
@Transactional
public class RouteService {

  /** The version of what is not there. */
  private static final long NONE = 0;

  private final RouteRepository routes;
  private final StationService stations;
  private final StepKindService kinds;
  private final Clock clock;

  private final CachedRead<Map<Long, RouteView>> all;

  RouteService(
      RouteRepository routes,
      StationService stations,
      StepKindService kinds,
      Clock clock,
      TableVersions changes) {
    this.routes = routes;
    this.stations = stations;
    this.kinds = kinds;
    this.clock = clock;
    this.all = changes.keep(this::readAll, "routes", "step_kinds");
  }

  /** Gives a new product its route. */
  public RouteView start(long productId, Route route) {
    return keep(productId, route);
  }

  /** Gives a product another route from now on. Refused, with the reason: what harms a piece. */
  public RouteView change(long productId, long seenId, List<RouteStep> steps) {
    if (find(productId).map(RouteView::id).orElse(NONE) != seenId) {
      throw ProblemException.stale();
    }
    Route to = judged(steps);
    Set<String> known = stations.byCode().keySet();
    Findings findings = new Findings();
    for (int i = 0; i < to.steps().size(); i++) {
      String station = to.steps().get(i).station();
      findings.addIf(
          station != null && !known.contains(station),
          FindingCode.STATION_UNKNOWN,
          "steps." + i + ".station",
          Map.of("value", String.valueOf(station), "wanted", String.join(", ", known)));
    }
    findings.orRefuse();
    return keep(productId, to);
  }

  /** A route that somebody asks for. Refused, with the reason: what harms a piece. */
  @Transactional(readOnly = true)
  public Route judged(List<RouteStep> steps) {
    return Route.judged(steps, kinds.kinds());
  }

  private RouteView keep(long productId, Route route) {
    return routes
        .saveAndFlush(new RouteEntity(productId, route, clock.instant()))
        .view(kinds.kinds());
  }

  /** The route that a product's next pieces go. */
  @Transactional(readOnly = true)
  public RouteView current(long productId) {
    return find(productId)
        .orElseThrow(() -> ProblemException.conflict("product.noRoute", Map.of()));
  }

  /** The same; nothing where the product has none. */
  @Transactional(readOnly = true)
  public Optional<RouteView> find(long productId) {
    return routes.findFirstByProductIdOrderByIdDesc(productId).map(r -> r.view(kinds.kinds()));
  }

  @Transactional(readOnly = true)
  public RouteView route(long id) {
    return Optional.ofNullable(all.get().get(id))
        .orElseThrow(() -> ProblemException.unknown("route", id));
  }

  /** All routes by id. */
  @Transactional(readOnly = true)
  public Map<Long, RouteView> all() {
    return all.get();
  }

  private Map<Long, RouteView> readAll() {
    Map<Long, RouteView> byId = new LinkedHashMap<>();
    StepKinds known = kinds.kinds();
    routes.findAllByOrderById().forEach(r -> byId.put(r.id(), r.view(known)));
    return Collections.unmodifiableMap(byId);
  }

  /** The current route of each product, by the product. */
  @Transactional(readOnly = true)
  public Map<Long, RouteView> allCurrent() {
    Map<Long, RouteView> current = new HashMap<>();
    all().values().forEach(r -> current.put(r.productId(), r));
    return current;
  }
}
