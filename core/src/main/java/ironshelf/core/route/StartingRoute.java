package ironshelf.core.route;

import ironshelf.core.quantity.Findings;
import java.util.List;

/**
 * A route as shipped, to be copied.
 *
 * @param families whose pieces may go that way, by their names in lower case
 * @param mixes codes of the binder classes for which it is the usual way; empty: of every other
 *     mix; {@code -}: of none, it has to be chosen
 * @param why one would go that way
 */
public record StartingRoute(
    String code,
    String name,
    List<String> families,
    List<String> mixes,
    String why,
    Route route,
    String source) {
  public StartingRoute {
    new Findings()
        .text("code", code, 40)
        .text("name", name, 80)
        .list("families", families, 10)
        .present("mixes", mixes)
        .text("why", why, 300)
        .present("route", route)
        .text("source", source, 200)
        .orRefuse();
    families = List.copyOf(families);
    mixes = List.copyOf(mixes);
  }
}
