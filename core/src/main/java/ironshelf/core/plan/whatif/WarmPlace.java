package ironshelf.core.plan.whatif;

import ironshelf.core.plan.PlanRequest;
import ironshelf.core.plan.PlanRequest.PlanMould;
import ironshelf.core.plan.PlanRequest.PlanProduct;
import ironshelf.core.plan.PlanRequest.PlanStation;
import ironshelf.core.plan.PlanStep;
import ironshelf.core.quantity.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * A warm place, for example a tent with a heater, in which castings set faster.
 *
 * @param pieces that it holds, 1 to 10 000
 * @param setShare set time in it over that in the room, over 0 and up to 1
 */
public record WarmPlace(int pieces, double setShare) {

  /** As warm as a small heater keeps a tent, °C (common practice). */
  public static final double TENT_C = 32;

  /** Pieces that a small tent holds (common practice). */
  public static final int TENT_PIECES = 12;

  private static final String STATION = "warm place that is tried";

  public WarmPlace {
    new Findings().within("pieces", pieces, 1, 10_000).above("setShare", setShare, 0, 1).orRefuse();
  }

  /** Tests whether a cast of a product fits in it and sets in no station. */
  public boolean takes(PlanRequest request, PlanProduct product) {
    int cavities =
        request.moulds().stream()
            .filter(m -> m.mould().equals(product.mould()))
            .mapToInt(PlanMould::cavities)
            .findFirst()
            .orElseThrow();
    return cavities <= pieces
        && inMould(product).stream().anyMatch(s -> s.waitH() > 0)
        && inMould(product).stream().allMatch(s -> s.station() == null);
  }

  private static List<PlanStep> inMould(PlanProduct product) {
    List<PlanStep> steps = new ArrayList<>();
    for (PlanStep step : product.route()) {
      if (Boolean.TRUE.equals(step.freesMould())) {
        break;
      }
      steps.add(step);
    }
    return steps;
  }

  /** Returns the shop with this place, in which these products set. */
  public PlanRequest in(PlanRequest request, Set<String> products) {
    if (products.isEmpty()) {
      return request;
    }
    List<PlanStation> stations = new ArrayList<>(request.stations());
    stations.add(new PlanStation(STATION, pieces));
    return request
        .change()
        .stations(stations)
        .products(
            request.products().stream()
                .map(p -> products.contains(p.product()) ? warmed(p) : p)
                .toList())
        .request();
  }

  private PlanProduct warmed(PlanProduct product) {
    List<PlanStep> route = new ArrayList<>(product.route());
    List<PlanStep> inMould = inMould(product);
    for (int i = 0; i < inMould.size(); i++) {
      PlanStep step = inMould.get(i);
      if (step.waitH() > 0) {
        route.set(i, step.waiting(step.waitH() * setShare, STATION));
      }
    }
    return product.with(route, product.waitsFor(), product.notBefore());
  }
}
