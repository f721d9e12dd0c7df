package ironshelf.route;

import ironshelf.core.route.Route;
import ironshelf.core.route.RouteStep;
import java.time.Instant;
import java.util.List;

/** A route of a product. */
public record RouteView(long id, long productId, Route route, Instant madeAt) {

  /** How it travels: its steps by the codes of their kinds. */
  public record Steps(long id, long productId, List<RouteStep> steps, Instant madeAt) {}

  public Steps travels() {
    return new Steps(id, productId, route.steps(), madeAt);
  }
}
