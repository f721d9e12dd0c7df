package ironshelf.core.route;

import ironshelf.core.quantity.Findings;
import java.util.List;

/**
 * A route as shipped, to be copied.
 *
 * @param families whose pieces go that way, the usual way of the first
 * @param why one would go that way
 */
public record StartingRoute(
    String code, String name, List<String> families, String why, Route route, String source) {
  public StartingRoute {
    new Findings()
        .text("code", code, 40)
        .text("name", name, 80)
        .list("families", families, 10)
        .text("why", why, 300)
        .present("route", route)
        .text("source", source, 200)
        .orRefuse();
    families = List.copyOf(families);
  }
}
