package ironshelf.plan;

import ironshelf.core.plan.PlanStep;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductView;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Routes as the plan sees them: work for a whole cast, and waits in stations that bind.
 *
 * @param stations the room of those that bind, by code
 * @param minutesADay nothing takes longer in one go
 */
record PlanSteps(Map<String, Integer> stations, double minutesADay) {

  /**
   * All of a product's steps, from its pour on.
   *
   * @param setH until it comes out of its mould
   * @param mixMin of mixing that falls to one cast
   */
  List<PlanStep> whole(ProductView product, Route route, int cavities, double setH, double mixMin) {
    List<PlanStep> steps = new ArrayList<>();
    steps.add(work("pour", mixMin + product.minutesPerPiece() * cavities, 1, 0, false));
    for (ProductLayer layer : product.layers()) {
      if (layer.waitH() > 0) {
        steps.add(wait("set", layer.waitH(), null));
        steps.add(work("pour", mixMin + product.minutesPerPiece(), 1, 0, false));
      }
    }
    steps.add(wait("set", setH, null));
    for (RouteStep step : route.steps().subList(Route.DEMOULD_NO, route.steps().size())) {
      steps.add(of(step, cavities, step.times()));
    }
    return steps;
  }

  /**
   * What is left of a route for pieces that have begun.
   *
   * @param waitH until the next step may be done
   * @param station in which they wait for it
   * @param stepNo of the next step, and which time of it
   */
  List<PlanStep> rest(
      Route route, double waitH, @Nullable String station, int stepNo, int round, int pieces) {
    List<PlanStep> steps = new ArrayList<>();
    if (waitH > 0) {
      steps.add(wait("set", waitH, bound(station, pieces)));
    }
    RouteStep next = route.steps().get(stepNo);
    steps.add(of(next, pieces, Math.max(1, next.times() - round + 1)));
    for (RouteStep step : route.steps().subList(stepNo + 1, route.steps().size())) {
      steps.add(of(step, pieces, step.times()));
    }
    return steps;
  }

  private PlanStep of(RouteStep step, int pieces, int times) {
    String name = step.step().name().toLowerCase(Locale.ROOT);
    if (step.step().isWait()) {
      Double hours = step.waitH();
      return wait(name, hours == null ? 0 : hours, bound(step.station(), pieces));
    }
    boolean frees = step.step() == ironshelf.core.route.StepKind.DEMOULD;
    return work(name, step.attendedMin() * pieces, times, step.gapMin(), frees);
  }

  /** A station that is too small for one cast is filled all the same, as the shelf lets it be. */
  private @Nullable String bound(@Nullable String station, int pieces) {
    return station != null && stations.getOrDefault(station, 0) >= pieces ? station : null;
  }

  private PlanStep work(String step, double minutes, int times, double gapMin, boolean frees) {
    return new PlanStep(step, Math.min(minutes, minutesADay), 0, null, times, gapMin, frees);
  }

  private static PlanStep wait(String step, double hours, @Nullable String station) {
    return new PlanStep(step, 0, Math.min(hours, 10_000), station, 1, 0, false);
  }
}
