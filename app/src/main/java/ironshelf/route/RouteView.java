package ironshelf.route;

import ironshelf.core.route.Route;
import java.time.Instant;

/** A route as others see it. */
public record RouteView(long id, long productId, Route route, Instant madeAt) {}
