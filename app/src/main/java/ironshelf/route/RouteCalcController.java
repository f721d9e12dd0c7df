package ironshelf.route;

import ironshelf.core.quantity.Findings;
import ironshelf.core.quantity.WhenMissing;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.core.route.StartingRoute;
import ironshelf.core.route.StartingRoutes;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Routes that ship, and the line of any route. */
@RestController
class RouteCalcController {

  /**
   * A route as its steps, and the ages of its recipe.
   *
   * @param demouldAgeH equivalent age at 20 °C
   * @param dryH before it is sealed
   */
  record RouteRequest(
      List<RouteStep> steps,
      @WhenMissing("24") double demouldAgeH,
      @WhenMissing("168") double dryH) {
    RouteRequest {
      demouldAgeH = Double.isNaN(demouldAgeH) ? 24 : demouldAgeH;
      dryH = Double.isNaN(dryH) ? 168 : dryH;
      new Findings()
          .above("demouldAgeH", demouldAgeH, 0, 10_000)
          .within("dryH", dryH, 0, 10_000)
          .orRefuse();
    }
  }

  /** A route that ships, to be copied. */
  record ShippedRoute(
      String code,
      String name,
      List<String> families,
      List<String> mixes,
      String why,
      List<RouteStep> steps,
      String source) {
    private static ShippedRoute of(StartingRoute route) {
      return new ShippedRoute(
          route.code(),
          route.name(),
          route.families(),
          route.mixes(),
          route.why(),
          route.route().steps(),
          route.source());
    }
  }

  private final StepKindService kinds;

  RouteCalcController(StepKindService kinds) {
    this.kinds = kinds;
  }

  @GetMapping("/api/starting-routes")
  List<ShippedRoute> startingRoutes() {
    return StartingRoutes.shipped().stream().map(ShippedRoute::of).toList();
  }

  @PostMapping("/api/calc/route")
  List<RouteLine> line(@RequestBody RouteRequest request) {
    return RouteLine.of(
        Route.judged(request.steps(), kinds.kinds())
            .withAges(request.demouldAgeH(), request.dryH()));
  }
}
