package ironshelf.plan.basis;

import ironshelf.copy.DirtyCopy;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.route.Effect;
import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import ironshelf.core.route.StepKind;
import ironshelf.product.ProductLayer;
import ironshelf.product.ProductView;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;

/**
 * Routes as the plan sees them: work for a whole cast, and waits in stations that bind.
 *
 * @param stations the room of those that bind, by code
 * @param minutesADay nothing takes longer in one go
 */
record PlanSteps(Map<String, Integer> stations, double minutesADay) {

  /**
   * To open and stir a sealer and clean the brushes, once for all that is coated; common practice.
   */
  private static final Map<String, Double> GETTING_READY_MIN = Map.of("coat", 8.0);

  /** The kind of step by which a mould is clean again. */
  private static final String WASH = "wash-mould";

  /**
   * To roughen and wet a layer that has hardened, so that the next one holds on it; from memory. It
   * holds by itself as long as the one below could not have been taken out yet.
   */
  private static final double ROUGHEN_MIN = 10;

  /** To grind by hand what could have been scraped while it was green, each piece; from memory. */
  private static final double GRIND_MIN = 5;

  /**
   * A product's steps from one of its pours on, until it is poured again.
   *
   * @param pour which of them, from 0
   * @param setH until it comes out of its mould, where its route does not say it
   * @param own the route as it is kept, without the recipe's ages
   * @param greenH how long it is green after that; null: it is not
   * @param mixes what one cast of a layer is poured from, by its place among all; the first one is
   *     mixed together with others
   */
  List<PlanStep> from(
      ProductView product,
      Route route,
      Route own,
      int pour,
      int cavities,
      double setH,
      @Nullable Double greenH,
      IntFunction<PlanStep.LayerMix> mixes) {
    List<PlanStep> steps = new ArrayList<>();
    double pourMin = Math.min(product.minutesPerPiece() * cavities, minutesADay);
    // What is poured again has to be there.
    steps.add(new PlanStep("pour", pourMin, 0, null, 1, 0, false, pour > 0));
    int first = product.layerOf(pour);
    List<ProductLayer> filling = product.filling(first);
    for (int l = 1; l < filling.size(); l++) {
      if (filling.get(l).waitH() > 0) {
        steps.add(wait("set", filling.get(l).waitH(), null));
        steps.add(
            work("pour", pourMin, 1, 0, false)
                .from(mixes.apply(first + l))
                .within(Math.max(0, setH - filling.get(l).waitH()), ROUGHEN_MIN * cavities));
      }
    }
    double waitedH = 0;
    int start = route.pours().get(pour);
    int out = route.demouldNo(start);
    for (int i = start + 1; i < end(route, start + 1); i++) {
      if (route.kind(i).has(Effect.SETS)) {
        // Setting counts from the pour, so that other waits in the mould are part of it.
        Double ownH = own.ownSetH(start);
        double hours = ownH == null ? setH - waitedH : ownH;
        steps.add(
            wait(
                route.kind(i).code(),
                Math.max(hours, 1 / 60.0),
                bound(route.steps().get(i).station(), cavities)));
        continue;
      }
      waitedH += i < out ? route.waitH(i) : 0;
      int before = steps.size();
      add(steps, route, i, cavities, route.steps().get(i).times(), route.takesParts(i));
      if (i == out && greenH != null && steps.size() > before) {
        steps.set(before, steps.get(before).within(greenH, GRIND_MIN * cavities));
      }
    }
    return steps;
  }

  /**
   * What is left of a route for pieces that have begun, until they are poured again.
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
    if (stepNo > 0 && route.kind(stepNo).has(Effect.POURS)) {
      return steps;
    }
    int timesLeft = Math.max(1, route.steps().get(stepNo).times() - round + 1);
    boolean joins = round == 1 && route.takesParts(stepNo);
    add(steps, route, stepNo, pieces, timesLeft, joins);
    for (int i = stepNo + 1; i < end(route, stepNo + 1); i++) {
      add(steps, route, i, pieces, route.steps().get(i).times(), route.takesParts(i));
    }
    return steps;
  }

  /** The next pour from a step on, or the route's end. */
  private static int end(Route route, int fromStep) {
    return route.pours().stream()
        .filter(p -> p >= fromStep)
        .findFirst()
        .orElse(route.steps().size());
  }

  /** A copy that stands dirty is not free before it is washed. */
  PlanStep wash() {
    return work(WASH, DirtyCopy.WASH_MIN, 1, 0, true);
  }

  private void add(
      List<PlanStep> steps, Route route, int stepNo, int pieces, int times, boolean joins) {
    RouteStep step = route.steps().get(stepNo);
    StepKind kind = route.kind(stepNo);
    if (kind.waits()) {
      steps.add(wait(kind.code(), route.waitH(stepNo), bound(step.station(), pieces)));
      return;
    }
    double minutes = Math.min(step.attendedMin() * pieces, minutesADay);
    PlanStep work = new PlanStep(kind.code(), minutes, 0, null, times, step.gapMin(), false, joins);
    steps.add(work.after(GETTING_READY_MIN.getOrDefault(kind.code(), 0.0)));
    if (kind.has(Effect.FREES_MOULD)) {
      steps.add(wash());
    }
  }

  /** A station that is too small for one cast is filled all the same, as the shelf lets it be. */
  private @Nullable String bound(@Nullable String station, int pieces) {
    return station != null && stations.getOrDefault(station, 0) >= pieces ? station : null;
  }

  private PlanStep work(String step, double minutes, int times, double gapMin, boolean frees) {
    return new PlanStep(step, Math.min(minutes, minutesADay), 0, null, times, gapMin, frees, false);
  }

  private static PlanStep wait(String step, double hours, @Nullable String station) {
    return new PlanStep(step, 0, Math.min(hours, 10_000), station, 1, 0, false, false);
  }
}
